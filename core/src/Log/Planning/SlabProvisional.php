<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Planning\SlabState;

/** A slab is on only to read or set something, without its one-use parts. */
final readonly class SlabProvisional implements Kind
{
    use Ordinary;

    private function __construct(private string $slab, private string $reason)
    {
    }

    public static function name(): string
    {
        return 'slab_provisional';
    }

    public static function keys(): array
    {
        return ['slab', 'reason'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('slab', 60), $payload->text('reason', 300));
    }

    public function admit(Before $before): void
    {
        $before->refuseOtherSlab($this->slab);
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        if ($totals->slabs->named($this->slab) !== null) {
            $totals->slabs->put($this->slab, SlabState::Provisional);
        }
    }

    public function words(BuildState $state): string
    {
        return ($state->sheet->stack->named($this->slab)->name ?? $this->slab).' on for now: '.$this->reason;
    }
}
