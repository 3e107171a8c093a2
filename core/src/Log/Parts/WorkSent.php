<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Document\Fields;
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
    private function __construct(private string $cylinder, private string $to, private ?Day $promised)
    {
    }

    public static function name(): string
    {
        return 'work_sent';
    }

    public static function keys(): array
    {
        return ['cylinder', 'to', 'promised'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('cylinder', 20), $payload->text('to', 80), $payload->dayOrNull('promised'));
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
            $this->promised?->text,
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
