<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** How the engine is oiled, and over which slabs oil is to be seen before they close. */
final readonly class Lubricating
{
    /** @param  list<string>|null  $seenUnder  slabs that must still be off when oil is seen; null where the sheet does not say */
    private function __construct(public Lubrication $by, public ?array $seenUnder, public bool $seenAtUnion)
    {
    }

    public static function read(Fields $sheet, Cycle $cycle): self
    {
        $by = $sheet->choiceOrNull('lubrication', Lubrication::class)
            ?? ($cycle === Cycle::FourStroke ? Lubrication::Pressure : Lubrication::Fuel);
        $seen = $sheet->has('oil_seen') ? $sheet->textOrTexts('oil_seen') : null;
        $atUnion = $seen === ['union'];

        return new self($by, $atUnion ? [] : $seen, $atUnion);
    }
}
