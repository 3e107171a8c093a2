<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Sheet\AfterOver;
use Moltrek\Core\Sheet\StageKind;

/**
 * A pull judged by what its pass asks. Past a stage and short of the final figure it is noted and counts; past the final figure,
 * or past its angle, the fastener is asked about. A wrench that may be off by its doubt has given the fastener what is asked only
 * where all of that lies inside (the decision rule of ISO 14253-1, as for every other reading).
 */
final readonly class PullVerdict
{
    private function __construct(public Outcome $outcome, private ?float $figure, private ?float $doubt, private ?Target $final)
    {
    }

    /** @param  float  $turned  degrees that the fastener has been turned already in this pass */
    public static function of(Programme $programme, Pull $pull, float $turned): self
    {
        $pass = $programme->passes[$pull->pass];
        $byAngle = $pass->is(StageKind::Angle);
        $isClick = ! $byAngle && ! $pull->said->isPast && ! $pull->said->isOver && $pull->said->feel === null;
        $said = $pull->said->isFelt ? null : $pull->said->figure ?? ($isClick ? $pull->with?->gives : null);
        $figure = $said === null ? null : $said + ($byAngle ? $turned : 0.0);
        $doubt = $byAngle ? null : $pull->with?->doubt;

        return new self(self::outcomeOf($programme, $pull, $figure, $doubt), $figure, $doubt, $programme->finalIn($pull->pass));
    }

    private static function outcomeOf(Programme $programme, Pull $pull, ?float $figure, ?float $doubt): Outcome
    {
        $pass = $programme->passes[$pull->pass];
        $final = $programme->finalIn($pull->pass);
        if ($pull->said->isOver || $pull->said->feel !== null) {
            return $pull->said->feel?->outcome() ?? Outcome::Over;
        }
        if ($pass->target === null || ($figure === null && ! $pull->said->isPast)) {
            return Outcome::Done;
        }
        $isFinal = $final === null || $final->ends()[1] <= $pass->target->ends()[1];

        return match (true) {
            $figure === null => $isFinal ? Outcome::Over : Outcome::Past,
            $pass->target->isOver($figure) => $isFinal || $final->isOver($figure) ? Outcome::Over : Outcome::Past,
            $pull->said->isPast => $isFinal ? Outcome::Over : Outcome::Past,
            $pull->said->figure !== null && $pass->target->isUnder($figure) => $pass->is(StageKind::Angle)
                ? Outcome::Interrupted : Outcome::Under,
            default => ! $isFinal || self::isSure($pass->target, $figure, $doubt ?? 0.0) ? Outcome::Done : Outcome::InDoubt,
        };
    }

    private static function isSure(Target $target, float $figure, float $doubt): bool
    {
        return $target->holds($figure - $doubt) && $target->holds($figure + $doubt);
    }

    /** "25.4 N·m ± 0.6", where the wrench's doubt is known; empty for a pull without a figure. */
    public function given(Pass $pass): string
    {
        $doubt = $this->doubt === null ? '' : ' ± '.number_format($this->doubt, 1, '.', '');

        return $this->figure === null ? '' : $pass->written($this->figure).$doubt;
    }

    /** What is asked about a fastener, in words that say whether the wrench is sure of it. */
    public function headline(string $bolt): string
    {
        $isPerhaps = $this->figure !== null && $this->final?->isOver($this->figure - ($this->doubt ?? 0.0)) === false;

        return $bolt.match ($this->outcome) {
            Outcome::ClickedAtOnce => ' clicked at once',
            Outcome::Yields => ' turns without rising',
            default => ($isPerhaps ? ' perhaps went' : ' went').' past its limit',
        };
    }

    /** What is to be done with it, and how one knows. */
    public function ask(AfterOver $after): string
    {
        return match ($this->outcome) {
            Outcome::ClickedAtOnce => 'Bottomed in its hole, or tight already. Out with it: see that the hole is clean and deep enough '
                .'and the bolt of the right length, then bring it up from its first stage.',
            Outcome::Yields => 'Stop, and do not pull it to the figure: the thread is going or the bolt yields. Out with it; look at the '
                .'thread of both. A new bolt, or the thread mended, before it is pulled again.',
            default => ucfirst($after->value).'.',
        };
    }
}
