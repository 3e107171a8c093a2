<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Planning\HomePart;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\EngineSheet;

/** A part that has run in one place goes back to it, or to another with a reason. */
final readonly class PartBack implements Kind
{
    use Stated;

    private function __construct(
        #[Text(60)] public string $part,
        #[Text(40)] public string $place,
        #[Text(300)] public string $reason = '',
    ) {
    }

    public static function name(): string
    {
        return 'part_back';
    }

    public function admit(Before $before): void
    {
        $part = HomePart::on($before->sheet)[$this->part]
            ?? throw MalformedDocument::wrongSort($this->part, 'a part of this engine that has a place of its own')->under('part');
        $places = array_column(self::alike($before->sheet, $part), 'place');
        if (! in_array($this->place, $places, true)) {
            throw MalformedDocument::wrongSort($this->place, 'one of '.implode(', ', $places))->under('place');
        }
        if ($this->reason === '' && $this->place !== $part->place) {
            throw ContradictoryFields::excluded(
                'place',
                $this->place,
                $part->name().' came from there; another place wants a reason.',
                $part->place,
            );
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->parts->putBack($this);
    }

    public function words(BuildState $state): string
    {
        $part = HomePart::on($state->sheet)[$this->part] ?? null;
        if ($part === null || $this->place === $part->place) {
            return ($part?->name() ?? $this->part).': back in its place';
        }
        $there = array_column(self::alike($state->sheet, $part), 'placeName', 'place')[$this->place] ?? $this->place;

        return $part->name().': fitted at '.$there.', '.$this->reason;
    }

    public function inRecord(): ?RecordPart
    {
        return $this->reason === '' ? null : RecordPart::Decision;
    }

    /** @return list<HomePart> the parts of its sort */
    private static function alike(EngineSheet $sheet, HomePart $part): array
    {
        return array_values(array_filter(HomePart::on($sheet), static fn (HomePart $other): bool => $other->sort === $part->sort));
    }
}
