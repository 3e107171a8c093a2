<?php

namespace Moltrek\Core\Planning;

/** What is done one after the other, where one sentence does not hold it. */
final readonly class InTurn
{
    /**
     * @param  list<string>  $acts
     * @param  bool  $isMirrored  whether the part lies upside down meanwhile, so that left is right
     */
    public function __construct(public array $acts = [], public bool $isMirrored = false)
    {
    }
}
