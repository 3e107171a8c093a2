<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Sheet\SheetLimit;
use Moltrek\Core\Sheet\SourceKind;

/** Which sources rule one quantity: whose as-new range, whose service limits, why if somebody chose, and who stated something. */
final readonly class Source
{
    /** @param  list<SheetLimit>  $offered  the source that rules by default first */
    public function __construct(
        public ?SourceKind $range,
        public ?SourceKind $service,
        public ?Limit $limit,
        public ?string $reason,
        public array $offered,
    ) {
    }
}
