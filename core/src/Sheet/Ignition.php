<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** How the ignition point is set, and what must be off to reach it. */
final readonly class Ignition
{
    public const KEYS = ['set_by', 'behind'];

    private function __construct(public IgnitionSetBy $setBy, public ?string $behind)
    {
    }

    public static function read(Fields $sheet): self
    {
        $ignition = $sheet->objectOrNull('ignition', ...self::KEYS);

        return $ignition === null ? new self(IgnitionSetBy::Nothing, null) : new self(
            $ignition->choiceOrNull('set_by', IgnitionSetBy::class) ?? IgnitionSetBy::Nothing,
            $ignition->textOrNull('behind', 60),
        );
    }
}
