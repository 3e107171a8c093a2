<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\ValveGear\ShimSource;

/** A shim went in, its size read as it went. From the shelf it is one fewer there. */
final readonly class ShimFitted implements Kind
{
    use Ordinary;

    private function __construct(public ShimChosen $shim)
    {
    }

    public static function name(): string
    {
        return 'shim_fitted';
    }

    public static function payload(): Payload
    {
        return ShimChosen::payload();
    }

    public static function read(Fields $payload): self
    {
        return new self(ShimChosen::read($payload));
    }

    public function admit(Before $before): void
    {
        OfValve::named($before->sheet, $this->shim->valve);
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->clearances->fitShim($this->shim, $entry);
        if ($totals->clearances->allFitted()) {
            $totals->finishReady(ValveSteps::SHIMS, $entry);
        }
    }

    public function words(BuildState $state): string
    {
        $from = match ($this->shim->source) {
            ShimSource::Moved => $this->shim->whose === null ? ', from another valve' : ', from '.$this->shim->whose,
            ShimSource::Shelf => ', from the shelf',
            ShimSource::Bought => ', new',
            ShimSource::Stays => '',
        };

        return 'Shim in, '.OfValve::words($state->sheet, $this->shim->valve).': '.$this->shim->size->written().$from;
    }
}
