<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** What the engine is called, and what its sheet says of itself. */
final readonly class Identity
{
    private function __construct(public string $id, public string $make, public string $model, public string $kind, public ?string $notes)
    {
    }

    public static function read(Fields $sheet): self
    {
        return new self(
            $sheet->text('id', 60), $sheet->text('make', 60), $sheet->text('model', 60), $sheet->text('kind', 60),
            $sheet->textOrNull('notes'),
        );
    }
}
