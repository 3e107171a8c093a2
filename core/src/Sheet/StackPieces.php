<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** The pieces that set how high a barrel and a head stand. Below a barrel they move deck, squish and ports; above it squish alone. */
final readonly class StackPieces
{
    /** @param  list<StackPiece>  $all */
    private function __construct(public array $all)
    {
    }

    public static function read(Fields $sheet, Stack $stack): self
    {
        $all = [];
        foreach ($sheet->objects('pieces', ...StackPiece::KEYS) as $index => $fields) {
            $piece = StackPiece::read($fields);
            $kind = $stack->named($piece->slab)?->kind;
            if ($kind?->isGasket() !== true && ($kind !== SlabKind::Head || $piece->volume === null)) {
                throw $sheet->placed(MalformedDocument::wrongSort($piece->slab, 'a gasket of this engine, or its head for an insert'),
                    "pieces.$index.slab");
            }
            if (in_array($piece->id, array_column($all, 'id'), true)) {
                throw $sheet->placed(ContradictoryFields::excluded('pieces', $piece->id, 'An id stands twice.', 'every id once'));
            }
            $all[] = $piece;
        }

        return new self($all);
    }

    /** @return list<StackPiece> */
    public function at(string $slab): array
    {
        return array_values(array_filter($this->all, static fn (StackPiece $piece): bool => $piece->slab === $slab));
    }

    /** @return list<StackPiece> with which the engine left its maker */
    public function standardAt(string $slab): array
    {
        return array_values(array_filter($this->at($slab), static fn (StackPiece $piece): bool => $piece->standard));
    }

    public function named(string $id): ?StackPiece
    {
        return array_column($this->all, null, 'id')[$id] ?? null;
    }

    /** @param  list<StackPiece>  $pieces */
    public static function thickness(array $pieces): Length
    {
        return array_reduce($pieces, static fn (Length $sum, StackPiece $piece): Length => $sum->plus($piece->fitted()), Length::zero());
    }
}
