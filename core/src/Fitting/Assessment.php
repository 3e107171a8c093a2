<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Measuring\Measurable;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\SheetLimit;

/**
 * One thing about this engine that is judged: a clearance, a gap. Without readings it has no verdict, only its limits.
 */
final readonly class Assessment
{
    /**
     * @param  string  $scope  what a choice of source holds for: the quantity, and the ring where it matters
     * @param  list<SheetLimit>  $offered
     * @param  list<Interval>  $intervals  what the ruler draws
     * @param  list<string>  $spots  where its readings come from
     * @param  list<Trial>  $trials
     * @param  list<string>  $missing  spots that would make it whole
     */
    public function __construct(
        public string $id,
        public string $scope,
        public Measurable $quantity,
        public ?Cylinder $cylinder,
        public string $name,
        public array $offered,
        public Source $source,
        public array $spots,
        public array $missing,
        public ?Verdict $verdict = null,
        public ?string $figure = null,
        public ?Length $doubt = null,
        public array $intervals = [],
        public ?Filing $filing = null,
        public array $trials = [],
    ) {
    }
}
