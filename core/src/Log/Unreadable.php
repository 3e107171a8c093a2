<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Payload;

/** An entry that this version cannot read: it stays in the log, is shown, and changes nothing. */
final readonly class Unreadable implements Kind
{
    use Ordinary;

    /** @param  string  $kind  as it is stored */
    public function __construct(public string $kind)
    {
    }

    public static function name(): string
    {
        return 'unreadable';
    }

    public static function payload(): Payload
    {
        return Payload::of([]);
    }

    public static function read(Fields $payload): self
    {
        return new self(self::name());
    }

    public function apply(Totals $totals, Entry $entry): void
    {
    }

    public function words(BuildState $state): string
    {
        return 'Cannot be read by this version: '.str_replace('_', ' ', $this->kind);
    }
}
