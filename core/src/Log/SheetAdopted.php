<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Document\Key\Whole;
use Moltrek\Core\Document\Stated;

/** A job goes on with another version of its sheet; everything is replayed from that version. */
final readonly class SheetAdopted implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Whole(1, 1_000_000)] public int $version,
        #[Whole(1, 1_000_000)] public int $from,
    ) {
    }

    public static function name(): string
    {
        return 'sheet_adopted';
    }

    public function apply(Totals $totals, Entry $entry): void
    {
    }

    public function words(BuildState $state): string
    {
        return "Sheet: version $this->version in place of version $this->from";
    }
}
