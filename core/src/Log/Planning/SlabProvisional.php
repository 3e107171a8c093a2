<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
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
    use Stated;

    private function __construct(
        #[Text(60)] private string $slab,
        #[Text(300)] private string $reason,
    ) {
    }

    public static function name(): string
    {
        return 'slab_provisional';
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
