<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Document\Key\Date;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Fitting\Of;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Day;
use Moltrek\Core\Refusal\ContradictoryFields;

/** A bore went out to be worked on, with its work order; its step waits until it is back. */
final readonly class WorkSent implements Kind
{
    use Stated;

    private function __construct(
        #[Text(20)] private string $cylinder,
        #[Text(80)] private string $to,
        #[Date] private ?Day $promised,
    ) {
    }

    public static function name(): string
    {
        return 'work_sent';
    }

    public function admit(Before $before): void
    {
        $before->refuseOtherCylinder($this->cylinder);
        $state = $before->state();
        $step = $state->work->step(self::step($this->cylinder));
        $why = match (true) {
            $step === null => 'Nothing has been decided for this bore that is done outside.',
            $state->work->isDone($step) => 'It has been out and was looked over.',
            $state->parts->awayOf($this->cylinder) !== null => 'It is out already.',
            default => null,
        };
        if ($why !== null) {
            throw ContradictoryFields::excluded('cylinder', $this->cylinder, $why, 'a bore that is to be bored or plated, and is here');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->parts->sendAway($this->cylinder, new PartOnOrder(
            'Bore'.Of::cylinder($totals->sheet, $this->cylinder).', at '.$this->to,
            $this->promised,
            [self::step($this->cylinder)],
        ));
    }

    public function words(BuildState $state): string
    {
        return 'Sent out: bore'.Of::cylinder($state->sheet, $this->cylinder).', to '.$this->to
            .($this->promised === null ? '' : ', promised for '.$this->promised->inWords());
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Decision;
    }

    private static function step(string $cylinder): string
    {
        return 'send.bore.'.$cylinder;
    }
}
