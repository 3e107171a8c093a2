<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Word;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** The parts of a rocker shaft, or of a rod’s tube, were seen in their order, every seal among them. */
final readonly class OrderSeen implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Word('rockers', 'tube')] private string $stack,
        #[Text(20)] private string $valve,
    ) {
    }

    public static function name(): string
    {
        return 'order_seen';
    }

    public function admit(Before $before): void
    {
        OfValve::named($before->sheet, $this->valve);
        $setting = $before->sheet->valveTrain->setting;
        if (($this->stack === 'tube' ? $setting->tube : $setting->rockerStack) === []) {
            throw MalformedDocument::wrongSort($this->stack, 'parts whose order the sheet states')->under('stack');
        }
        if ($this->stack === 'tube' && $before->state()->clearances->hasSeen('tube', $this->valve) !== null) {
            throw ContradictoryFields::excluded('valve', $this->valve, 'These were seen already.', 'a tube not yet seen');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->clearances->see($this->stack, $this->valve, $entry);
    }

    public function words(BuildState $state): string
    {
        $valve = OfValve::words($state->sheet, $this->valve);

        return $this->stack === 'tube' ? 'Tube in its order, every seal seen, '.$valve : 'Rocker shaft in its order, '.$valve;
    }
}
