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
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Refusal\MalformedDocument;

/** A slab and everything above it came off. */
final readonly class SlabLifted implements Kind
{
    use Ordinary;
    use Stated;

    /** @param  bool  $crushed  whether a slab that was on for now had crushed what was laid under it */
    private function __construct(
        #[Text(60)] private string $slab,
        private bool $crushed,
    ) {
    }

    public static function of(string $slab): self
    {
        return new self($slab, false);
    }

    public static function name(): string
    {
        return 'slab_lifted';
    }

    public function admit(Before $before): void
    {
        $height = $before->sheet->heightOf($this->slab);
        if ($height === null || $height === 0) {
            throw MalformedDocument::wrongSort($this->slab, 'a slab of this engine above the cases')->under('slab');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        if ($totals->sheet->heightOf($this->slab) !== null) {
            if ($this->crushed) {
                $totals->spendUnder($this->slab, $entry);
            }
            $totals->undo(Undone::byLifting($totals->sheet, [$this->slab], $entry));
        }
    }

    public function words(BuildState $state): string
    {
        return 'Taken off, down to and with: '.($state->sheet->stack->named($this->slab)->name ?? $this->slab);
    }
}
