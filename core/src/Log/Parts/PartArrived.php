<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\HasPhoto;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;

/** A part is here, looked at. */
final readonly class PartArrived implements HasPhoto, Kind
{
    use Ordinary;

    private function __construct(private string $part, private string $note, private ?string $photo)
    {
    }

    public static function name(): string
    {
        return 'part_arrived';
    }

    public static function keys(): array
    {
        return ['part', 'note', 'photo'];
    }

    public static function read(Fields $payload): self
    {
        return new self(
            $payload->text('part', 120), $payload->textOrNull('note', 300) ?? '', $payload->uuidOrNull('photo', 'the id of a photograph'),
        );
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->parts->arrive($this->part, 'arrived');
    }

    public function words(BuildState $state): string
    {
        return 'Arrived: '.$this->part.($this->note === '' ? '' : ': '.$this->note);
    }

    public function photo(): ?string
    {
        return $this->photo;
    }
}
