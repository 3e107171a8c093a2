<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\MalformedDocument;

/** The layers of the top end, bottom-up, and what holds them together. */
final readonly class Stack
{
    /**
     * @param  non-empty-list<Slab>  $slabs  bottom-up
     * @param  list<Fastener>  $fasteners
     */
    private function __construct(public array $slabs, public array $fasteners)
    {
    }

    public static function read(Fields $sheet): self
    {
        $slabs = array_map(Slab::read(...), $sheet->objects('slabs', ...Slab::KEYS));
        if ($slabs === []) {
            throw $sheet->placed(MalformedDocument::missing('slabs', 'the layers of the top end, bottom-up'));
        }

        return new self($slabs, array_map(Fastener::read(...), $sheet->objects('fasteners', ...Fastener::KEYS)));
    }

    public function slab(SlabKind $kind): ?Slab
    {
        foreach ($this->slabs as $slab) {
            if ($slab->kind === $kind) {
                return $slab;
            }
        }

        return null;
    }

    public function named(string $id): ?Slab
    {
        $height = $this->heightOf($id);

        return $height === null ? null : $this->slabs[$height];
    }

    /** How high a slab lies, from 0 at the cases; null for a name that is none. */
    public function heightOf(string $slab): ?int
    {
        foreach ($this->slabs as $height => $candidate) {
            if ($candidate->id === $slab) {
                return $height;
            }
        }

        return null;
    }

    /** @return list<Slab> a slab and everything above it, bottom-up; nothing for a name that is none */
    public function from(string $slab): array
    {
        $height = $this->heightOf($slab);

        return $height === null ? [] : array_slice($this->slabs, $height);
    }

    /** @return list<Fastener> */
    public function fastenersOf(string $slab): array
    {
        return array_values(array_filter($this->fasteners, static fn (Fastener $fastener): bool => $fastener->slab === $slab));
    }
}
