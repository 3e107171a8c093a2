<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Amount;
use Moltrek\Core\Document\Key\Flag;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\Sheet\Cycle;

/** A gauge on closed cases was read; the first reading begins a test. */
final readonly class LeakGaugeRead implements Kind
{
    use Ordinary;

    /** kPa: more lifts seals out of their seats and hurts people. */
    private const MOST = 100;

    private function __construct(public bool $starts, public float $pressure, private ?float $after)
    {
    }

    public static function name(): string
    {
        return 'leak_gauge_read';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['pressure' => new Amount(Dimension::Pressure)],
            ['starts' => new Flag, 'after' => new Amount(Dimension::Time)],
        );
    }

    public static function read(Fields $payload): self
    {
        $pressure = $payload->positive('pressure', Dimension::Pressure);
        if ($pressure > self::MOST) {
            throw $payload->placed(OutOfDomain::because('pressure', 'Cases and their seals are tested low, with regulator and relief.',
                $payload->text('pressure'), 'at most 100 kPa'));
        }
        $starts = $payload->flag('starts');
        if ($starts && $payload->has('after')) {
            throw $payload->placed(ContradictoryFields::excluded('after', $payload->text('after'), 'A test begins at nothing.', 'nothing'));
        }

        return new self($starts, $pressure, $payload->has('after') ? $payload->positive('after', Dimension::Time) : null);
    }

    public function admit(Before $before): void
    {
        $state = $before->state();
        if ($before->sheet->layout->cycle !== Cycle::TwoStroke) {
            throw ContradictoryFields::excluded('pressure', $this->pressure, 'The cases of a four-stroke breathe.', 'a two-stroke');
        }
        $test = $state->proofs->leakTest();
        if (! $this->starts && ($test === null || $test->staleBecause !== null)) {
            throw ContradictoryFields::excluded('starts', 'false', 'No test has been begun.', 'a first reading, at the start');
        }
        if (! $this->starts && $this->pressure > $test->start()) {
            throw ContradictoryFields::excluded('pressure', Gauge::text($this->pressure),
                'A pressure does not rise by leaking; read again, or begin anew.', 'at most '.Gauge::text($test->start()));
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->proofs->readLeak($this, $entry);
        if ($totals->proofs->leakTest()?->isHeld() === true) {
            $totals->finishReady(Proofs::LEAK, $entry);
        } else {
            $totals->reopen(Proofs::LEAK, 'tested anew');
        }
    }

    /** Seconds after the start, by what was said or by the clock. */
    public function after(Entry $entry, Entry $start): float
    {
        return $this->starts ? 0.0 : $this->after ?? max(1.0, (float) ($entry->at->getTimestamp() - $start->at->getTimestamp()));
    }

    public function words(BuildState $state): string
    {
        return ($this->starts ? 'Leak test begun at ' : 'Leak test: ').Gauge::text($this->pressure)
            .($this->after === null ? '' : ' after '.LeakTest::minutes($this->after));
    }
}
