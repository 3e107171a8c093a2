<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Document\Fields;

/** A job goes on with another version of its sheet; everything is replayed from that version. */
final readonly class SheetAdopted implements Kind
{
    use Ordinary;

    private function __construct(public int $version, public int $from)
    {
    }

    public static function name(): string
    {
        return 'sheet_adopted';
    }

    public static function keys(): array
    {
        return ['version', 'from'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->whole('version', 1, 1_000_000), $payload->whole('from', 1, 1_000_000));
    }

    public function apply(Totals $totals, Entry $entry): void
    {
    }

    public function words(BuildState $state): string
    {
        return "Sheet: version $this->version in place of version $this->from";
    }
}
