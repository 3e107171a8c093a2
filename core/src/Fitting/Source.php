<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Sheet\SourceKind;

/** Which sources rule one quantity: whose as-new range, whose service limits, and why if somebody chose. */
final readonly class Source
{
    public function __construct(
        public ?SourceKind $range,
        public ?SourceKind $service,
        public ?Limit $limit,
        public ?string $reason,
    ) {
    }
}
