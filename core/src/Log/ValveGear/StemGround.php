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
use Moltrek\Core\Sheet\Adjustment;

/** A little was taken off a valve’s stem; what was read before is no longer its clearance. */
final readonly class StemGround implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(20)] public string $valve,
        #[Size('1 mm', 'That is more than a stem has to give.')] private Length $taken,
    ) {
    }

    public static function name(): string
    {
        return 'stem_ground';
    }

    public function admit(Before $before): void
    {
        OfValve::named($before->sheet, $this->valve);
        if ($before->sheet->valveTrain->adjustment !== Adjustment::GroundStem) {
            throw ContradictoryFields::excluded('valve', $this->valve, 'Clearance is not set by grinding on this engine.',
                'an engine with ground stems');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $valve = OfValve::on($totals->sheet, $this->valve);
        if ($valve !== null) {
            $totals->clearances->grind($this->valve, $entry);
            $totals->readings->noMore(ValveSteps::spot($valve->cylinder, $valve->id), $entry, 'stem ground since');
            $totals->reopen(ValveSteps::set($this->valve), 'stem ground since');
        }
    }

    public function words(BuildState $state): string
    {
        return 'Stem ground by '.$this->taken->written().', '.OfValve::words($state->sheet, $this->valve);
    }
}
