<?php

namespace Moltrek\Core\Timing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Judgement\Wording;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\Sheet\IgnitionPoint;
use Moltrek\Core\Sheet\IgnitionSetBy;

/**
 * An ignition point as it was read, before top dead centre, against the stated one: turned into the kind that is stated, with
 * both ends of its doubt, and judged there. Less is later. Source: geometry of the crank.
 */
final readonly class IgnitionRead
{
    /**
     * @param  int|float|null  $off  crank degrees in billionths, positive where it comes too early; null where nothing is aimed at
     * @param  int|float  $doubt  either way, crank degrees in billionths
     */
    private function __construct(
        public CrankPlace $read,
        public IgnitionPoint $point,
        public ?CrankPlace $aim,
        public int|float|null $off,
        public int|float $doubt,
        public Verdict $verdict,
    ) {
    }

    public static function of(Fields $in, DialledCrank $crank): self
    {
        $point = IgnitionPoint::read($in, 'point', $crank->stroke);
        $said = $in->object('read', ...CrankPlace::KEYS);
        $kind = CrankPlace::kindOf($said);
        if ($kind === 'degrees' && ($said->angle('degrees') < 0 || $said->angle('degrees') > Circle::TURN / 2)) {
            throw $said->placed(OutOfDomain::because('degrees', 'A point lies between top and bottom.', $said->text('degrees'),
                'from 0 to 180 deg before top dead centre'));
        }
        $read = CrankPlace::read($said, $crank);
        $doubt = $in->figureOrNull('doubt', $kind === 'degrees' ? Dimension::Angle : Dimension::Length)->base ?? 0;

        return self::judged($crank, $point, $read, $kind, $doubt);
    }

    /**
     * @param  string  $kind  how it was read, one of CrankPlace::KEYS
     * @param  int|float  $doubt  of that kind, in base steps
     */
    public static function judged(
        DialledCrank $crank,
        IgnitionPoint $point,
        CrankPlace $read,
        string $kind,
        int|float $doubt,
        IgnitionSetBy $setBy = IgnitionSetBy::Plate,
    ): self {
        $figure = self::figure($read, $kind);
        [$low, $high] = [self::placeAt($crank, $kind, $figure - $doubt), self::placeAt($crank, $kind, $figure + $doubt)];
        $in = static fn (CrankPlace $place): int|float => self::inKind($place, $point->kind);
        $interval = Interval::between($in($low), $in($high), $in($read));
        $aim = self::placed($crank, $point, $point->stated->aim());

        return new self($read, $point, $aim, $aim === null ? null : $read->degrees - $aim->degrees, ($high->degrees - $low->degrees) / 2,
            Verdict::of($point->stated->limit, self::wording($setBy), $interval));
    }

    /** A figure that the point states, where it states it. */
    public static function placed(DialledCrank $crank, IgnitionPoint $point, int|float|null $figure): ?CrankPlace
    {
        return $figure === null ? null : CrankPlace::ofPoint($crank, $point->kind, $figure);
    }

    public static function wording(IgnitionSetBy $setBy): Wording
    {
        $turned = static fn (string $way): string => match ($setBy) {
            IgnitionSetBy::Plate => "Turn the plate $way the rotation, and read again.",
            IgnitionSetBy::PickUp => "Move the pick-up $way the rotation, and read again.",
            IgnitionSetBy::Nothing => 'Nothing is set here: read again, then look at key, taper and pick-up.',
        };

        return new Wording('the ignition point', 'too late', 'too early', $turned('against'), $turned('with'),
            'Read it again, come up to from the same side.', ['within' => 'inside', 'worn' => 'past it', 'out' => 'out']);
    }

    private static function figure(CrankPlace $place, string $kind): int|float
    {
        return match ($kind) {
            'degrees' => $place->degrees,
            'dial' => $place->dial,
            default => $place->below,
        };
    }

    private static function inKind(CrankPlace $place, Dimension $kind): int|float
    {
        return $kind === Dimension::Angle ? $place->degrees : $place->below;
    }

    /** A figure of the reading’s own kind; less than nothing is the top, more than there is the bottom. */
    private static function placeAt(DialledCrank $crank, string $kind, int|float $figure): CrankPlace
    {
        $most = match ($kind) {
            'degrees' => Circle::TURN / 2,
            'dial' => $crank->dialOf($crank->stroke),
            default => $crank->stroke,
        };
        $figure = min(max($figure, 0), $most);

        return match ($kind) {
            'degrees' => CrankPlace::atDegrees($crank, $figure),
            'dial' => CrankPlace::atDial($crank, $figure),
            default => CrankPlace::atBelow($crank, $figure),
        };
    }
}
