<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Document\Fields;

/** What somebody wants remembered, with a photograph if there is one. */
final readonly class NoteWritten implements HasPhoto, Kind
{
    use Ordinary;

    private function __construct(private string $text, private ?string $photo)
    {
    }

    public static function name(): string
    {
        return 'note_written';
    }

    public static function keys(): array
    {
        return ['text', 'slab', 'photo'];
    }

    public static function read(Fields $payload): self
    {
        $payload->textOrNull('slab', 60);

        return new self($payload->text('text'), $payload->uuidOrNull('photo', 'the id of a photograph'));
    }

    public function apply(Totals $totals, Entry $entry): void
    {
    }

    public function words(BuildState $state): string
    {
        return $this->text;
    }

    public function photo(): ?string
    {
        return $this->photo;
    }
}
