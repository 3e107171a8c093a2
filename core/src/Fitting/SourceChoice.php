<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Sheet\SourceKind;

/** A mechanic's word on whose figures rule, instead of the usual order. */
final readonly class SourceChoice
{
    public function __construct(public ?SourceKind $range, public ?SourceKind $service, public string $reason)
    {
    }
}
