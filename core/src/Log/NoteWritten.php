<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Photograph;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Payload;

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

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['text' => new Text],
            ['slab' => new Text(60), 'photo' => new Photograph],
        );
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
