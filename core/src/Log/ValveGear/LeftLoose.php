<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Nested;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Texts;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Fitting\Accepts;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\Recheck;

/** Valves left loose on purpose while the engine is run in: taken upon oneself for a reason, and looked at again on a day. */
final readonly class LeftLoose implements Accepts, Kind
{
    /** @param  list<string>  $valves */
    private function __construct(private array $valves, private string $reason, private Recheck $recheck)
    {
    }

    public static function name(): string
    {
        return 'left_loose';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['valves' => new Texts, 'reason' => new Text(300), 'recheck' => new Nested(Recheck::class)],
        );
    }

    public static function read(Fields $payload): self
    {
        $valves = $payload->texts('valves');
        if ($valves === []) {
            throw $payload->placed(MalformedDocument::wrongSort('[]', 'at least one valve'), 'valves');
        }

        return new self($valves, $payload->text('reason', 300), Recheck::read($payload->object('recheck', ...Recheck::payload()->names())));
    }

    public function admit(Before $before): void
    {
        foreach ($this->valves as $id) {
            $valve = OfValve::named($before->sheet, $id, 'valves');
            $spot = ValveSteps::spot($valve->cylinder, $valve->id);
            $high = $before->state()->readings->at($spot)?->bracket()?->high;
            $max = $before->state()->verdicts->limitOf($spot)?->max;
            if ($before->state()->readings->at($spot) === null || ($high !== null && $max !== null && $high->nanometres <= $max)) {
                throw ContradictoryFields::excluded('valves', $id, 'This valve has not been read loose.', 'valves read past their limit');
            }
        }
    }

    public function accepts(?State $state): bool
    {
        return $state?->asksForAName() === true;
    }

    public function reason(): string
    {
        return $this->reason;
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        foreach ($this->valves as $id) {
            $valve = OfValve::on($totals->sheet, $id);
            if ($valve !== null) {
                $totals->decisions->accept(ValveSteps::spot($valve->cylinder, $valve->id), $entry);
                $totals->clearances->leaveLoose($id, $entry);
            }
        }
        $totals->runIn->ask($this->recheck, $entry);
    }

    public function words(BuildState $state): string
    {
        return 'Left loose on purpose, '.implode(', ', $this->valves).': '.$this->reason.'; '.lcfirst($this->recheck->what).' '
            .$this->recheck->when();
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Waived;
    }
}
