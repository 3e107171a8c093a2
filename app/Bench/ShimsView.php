<?php

namespace App\Bench;

use App\Http\Shapes\ShimPartShape;
use App\Http\Shapes\ShimRowShape;
use App\Http\Shapes\ShimsShape;
use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\ValveGear\ShimChosen;
use Moltrek\Core\Log\ValveGear\ShimLoop;
use Moltrek\Core\Log\ValveGear\ShimTask;
use Moltrek\Core\Log\ValveGear\ValveSteps;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\ValveGear\PooledShim;
use Moltrek\Core\ValveGear\ShimChange;
use Moltrek\Core\ValveGear\ShimPlan;
use Moltrek\Core\ValveGear\ShimSource;

/** The shims of an engine as the screens take them: the plan worked out on what was read and what lies on the shelf. */
final readonly class ShimsView
{
    /** More of one size than are ever of use. */
    private const ENOUGH = 40;

    private ShimLoop $loop;

    /** @param  array<string, int>  $shelf  how many of each part lie there for this engine */
    public function __construct(private BuildState $state, private array $shelf)
    {
        $this->loop = new ShimLoop($state);
    }

    public function shape(Aim $aim, bool $all): ShimsShape
    {
        [$plan, $refused] = $this->plan($aim, $all);
        $sold = $this->state->sheet->valveTrain->setting->sold;
        $decided = $this->state->clearances->decidedBy();
        $step = $this->state->work->step($this->loop->task() === ShimTask::Fit ? ValveSteps::SHIMS : ValveSteps::DECIDED);

        return new ShimsShape(
            task: $this->loop->task(),
            headline: $this->loop->headline(),
            advice: $this->loop->advice(),
            aim: $aim,
            all: $all,
            ratio: $this->state->sheet->valveTrain->setting->ratio,
            sold: $sold === null ? null : sprintf('%s to %s, every %s', $sold->from->written(), $sold->to->written(), $sold->step->written()),
            rows: $this->rows($plan),
            buy: $plan === null ? [] : array_map(static fn (array $part): ShimPartShape => new ShimPartShape($part[0], $part[1]), ShimLoop::toBuy($plan)),
            spare: $this->spare($plan),
            refused: $refused,
            costs: array_map(static fn (Step $step): string => $step->words->name, $this->loop->costs()),
            shelf: array_map(static fn (string $part, int $count): ShimPartShape => new ShimPartShape($part, $count), array_keys($this->sizes()), array_values($this->sizes())),
            decided: $decided?->id,
            decidedBy: $decided?->by,
            shelvedBy: $this->state->clearances->shelvedBy()?->by,
            leftOver: $this->state->clearances->allFitted() ? array_map(self::written(...), $this->state->clearances->leftOver()) : [],
            step: $step === null || $this->state->work->isDone($step) ? null : TimingSteps::shape($this->state, $step),
        );
    }

    /** @return array{ShimPlan|null, string|null} the plan, or why there is none */
    private function plan(Aim $aim, bool $all): array
    {
        try {
            return [$this->loop->plan($this->pool(), $aim, $all), null];
        } catch (Refusal $refusal) {
            return [null, $refusal->getMessage().' '.ucfirst($refusal->toArray()['allowed']).'.'];
        }
    }

    /** @return array<string, int> the shims on the shelf, by the part's name */
    private function sizes(): array
    {
        return array_filter($this->shelf, static fn (int $count, string $part): bool => $count > 0 && ShimChosen::sizeOf($part) !== null, ARRAY_FILTER_USE_BOTH);
    }

    /** @return list<PooledShim> */
    private function pool(): array
    {
        $pool = [];
        foreach ($this->sizes() as $part => $count) {
            $size = ShimChosen::sizeOf($part);
            if ($size !== null) {
                array_push($pool, ...array_fill(0, min($count, self::ENOUGH), new PooledShim($size->nanometres)));
            }
        }

        return $pool;
    }

    /**
     * What was chosen, while it is being fitted; else what would be chosen now.
     *
     * @return list<ShimRowShape>
     */
    private function rows(?ShimPlan $plan): array
    {
        $clearances = $this->state->clearances;
        if (in_array($this->loop->task(), [ShimTask::Fit, ShimTask::ReadAgain], true)) {
            return array_map(fn (ShimChosen $shim): ShimRowShape => new ShimRowShape(
                valve: $shim->valve,
                from: $this->before($shim),
                to: $shim->size->written(),
                source: $shim->source,
                whose: $shim->whose,
                words: self::words($shim->source, $shim->whose, $shim->size),
                after: '',
                changes: true,
                fitted: $clearances->fittedBy($shim->valve)?->by,
            ), array_values($clearances->chosen()));
        }

        return $plan === null ? [] : array_map(static fn (ShimChange $change): ShimRowShape => new ShimRowShape(
            valve: $change->valve->id,
            from: Length::ofNanometres($change->valve->shim)->written(),
            to: Length::ofNanometres($change->to)->written(),
            source: $change->source,
            whose: $change->whose,
            words: self::words($change->source, $change->whose, Length::ofNanometres($change->to)),
            after: self::after($change),
            changes: $change->source !== ShimSource::Stays,
            fitted: null,
        ), $plan->changes);
    }

    /** @return list<string> shims that nobody gets, the thickest first */
    private function spare(?ShimPlan $plan): array
    {
        $sizes = $this->hasPlan() ? $this->state->clearances->leftOver()
            : array_map(static fn (PooledShim $shim): Length => Length::ofNanometres($shim->size), $plan === null ? [] : $plan->spare);

        return array_map(self::written(...), $sizes);
    }

    /** Whether a plan is kept that is being carried out, or has been. */
    private function hasPlan(): bool
    {
        return $this->state->clearances->decidedBy() !== null && in_array($this->loop->task(), [ShimTask::Fit, ShimTask::ReadAgain, ShimTask::Done], true);
    }

    private static function written(Length $size): string
    {
        return $size->written();
    }

    private function before(ShimChosen $shim): string
    {
        $decided = $this->state->clearances->decidedBy();

        return $this->state->clearances->shimOf($shim->valve, $decided)?->written() ?? '';
    }

    private static function after(ShimChange $change): string
    {
        [$low, $high] = $change->valve->with($change->to);
        $text = static fn (int|float $length): string => number_format($length / 1e6, 2, '.', '');

        return $low == $high ? $text($low).' mm' : $text($low).' to '.$text($high).' mm';
    }

    private static function words(ShimSource $source, ?string $whose, Length $size): string
    {
        return match ($source) {
            ShimSource::Stays => 'stays',
            ShimSource::Moved => 'from '.($whose ?? 'another valve'),
            ShimSource::Shelf => 'from the shelf',
            ShimSource::Bought => 'to be bought: '.ShimChosen::part($size),
        };
    }
}
