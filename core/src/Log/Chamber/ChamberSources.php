<?php

namespace Moltrek\Core\Log\Chamber;

/** Whose figures a chamber and a dome are, in cubic centimetres. */
final readonly class ChamberSources
{
    public function __construct(
        public ?float $chamber,
        public string $chamberFrom,
        public ?float $spread,
        public float $dome,
        public string $domeFrom,
    ) {
    }
}
