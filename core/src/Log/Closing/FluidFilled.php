<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Document\Key\Amount;
use Moltrek\Core\Document\Key\Called;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Sheet\Cooling;
use Moltrek\Core\Sheet\Fluid;
use Moltrek\Core\Sheet\FluidKind;

/** Oil, coolant or gear oil went in, so much of it. */
final readonly class FluidFilled implements Kind
{
    use Ordinary;
    use Stated;

    /** Times the capacity that nobody means. */
    private const MUCH = 1.5;

    private function __construct(
        private FluidKind $fluid,
        #[Amount(Dimension::Volume)] private float $amount,
        #[Text(120)] private ?string $grade,
        #[Called('sure')] private bool $isSure,
    ) {
    }

    public static function name(): string
    {
        return 'fluid_filled';
    }

    public function admit(Before $before): void
    {
        if ($this->fluid === FluidKind::Coolant && $before->sheet->layout->cooling === Cooling::Air) {
            throw ContradictoryFields::excluded('fluid', $this->fluid->value, 'This engine is cooled by air.', 'oil');
        }
        $stated = $before->sheet->fluids->of($this->fluid);
        if ($stated !== null && ! $this->isSure && $this->amount > self::MUCH * $stated->capacity) {
            throw ContradictoryFields::excluded('amount', Fluid::litres($this->amount),
                'That is far more than this engine holds: a slip of the unit?', 'about '.Fluid::litres($stated->capacity)
                    .', or said to be sure');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->proofs->fill($this->fluid, $entry);
        $totals->finishReady($this->fluid->step(), $entry);
    }

    public function words(BuildState $state): string
    {
        return ucfirst($this->fluid->value).' in: '.Fluid::litres($this->amount).($this->grade === null ? '' : ', '.$this->grade);
    }
}
