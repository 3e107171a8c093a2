<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Document\Key\Size;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;

/** How long the rod is that goes in at a valve. One of the other side’s length is refused: it has been exchanged. */
final readonly class RodRead implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(20)] public string $valve,
        #[Size] public Length $length,
    ) {
    }

    public static function name(): string
    {
        return 'rod_read';
    }

    public function admit(Before $before): void
    {
        $valve = OfValve::named($before->sheet, $this->valve);
        $setting = $before->sheet->valveTrain->setting;
        $own = $setting->rodLength($valve);
        if ($own === null) {
            return;
        }
        $off = abs($this->length->nanometres - $own->nanometres);
        foreach ($before->sheet->valveTrain->valves as $other) {
            $length = $setting->rodLength($other);
            if ($length !== null && $other->side !== $valve->side && abs($this->length->nanometres - $length->nanometres) < $off) {
                throw ContradictoryFields::excluded('length', $this->length->written(),
                    'That is the length of an '.$other->side->value.' rod ('.$length->written().'): inlet and exhaust are exchanged.',
                    'about '.$own->written().' at the '.$valve->name);
            }
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->clearances->readRod($this, $entry);
    }

    public function words(BuildState $state): string
    {
        return 'Rod of the '.OfValve::words($state->sheet, $this->valve).': '.$this->length->written();
    }
}
