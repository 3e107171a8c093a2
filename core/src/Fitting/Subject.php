<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Measuring\Measurable;
use Moltrek\Core\Sheet\Cylinder;

/** What is judged, as it is known before anything is read: which quantity, where, by whose limits, from which readings. */
final readonly class Subject
{
    /**
     * @param  string  $scope  what a choice of source holds for: the quantity, and the ring where it matters
     * @param  list<string>  $spots  where its readings come from
     * @param  list<string>  $missing  spots that would make it whole
     */
    public function __construct(
        public string $id,
        public string $scope,
        public Measurable $quantity,
        public ?Cylinder $cylinder,
        public string $name,
        public Source $source,
        public array $spots,
        public array $missing,
    ) {
    }
}
