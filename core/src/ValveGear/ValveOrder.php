<?php

namespace Moltrek\Core\ValveGear;

use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\MarkCarrier;
use Moltrek\Core\Sheet\TimingMark;
use Moltrek\Core\Sheet\Valve;
use Moltrek\Core\Sheet\ValveSide;

/**
 * Which valves of an engine are set at which turn of its crank, by what its sheet says of its cams and of its firing. Events
 * that are stated at a lift are wider at the seat, where a cam lifts off its base circle; so the margin is wider there.
 * Source: shop practice, ramps of 15 to 30 degrees of the crank.
 */
final readonly class ValveOrder
{
    /** Kept from where a valve opens and closes at its seat, and from where it does so at a stated lift. */
    public const AT_SEAT = 20_000_000_000;

    public const AT_LIFT = 45_000_000_000;

    private const TURN = 360_000_000_000;

    /**
     * @param  list<LashPosition>  $positions  in turning order
     * @param  list<Valve>  $roomless  valves that the margin leaves no room
     */
    private function __construct(private EngineSheet $sheet, public array $positions, public array $roomless, public int|float $margin)
    {
    }

    /** Null where the sheet does not state the events of every side, or not when each cylinder fires. */
    public static function on(EngineSheet $sheet, int|float|null $margin = null): ?self
    {
        $cams = $sheet->valveTrain->cams;
        $margin ??= ($cams->lift->nanometres ?? 0) > 0 ? self::AT_LIFT : self::AT_SEAT;
        $arcs = $roomless = [];
        foreach ($sheet->valveTrain->valves as $valve) {
            $fires = $sheet->cylinder($valve->cylinder)?->fires;
            $events = $cams?->of($valve->side);
            if ($fires === null || $events === null) {
                return null;
            }
            [$opens, $closes] = $valve->side === ValveSide::Inlet
                ? [self::TURN - $events->opens, 1.5 * self::TURN + $events->closes]
                : [self::TURN / 2 - $events->opens, self::TURN + $events->closes];
            $arc = SettableArc::of($valve->id, self::steps($fires), $opens, $closes, $margin);
            if ($arc === null) {
                $roomless[] = $valve;
            } else {
                $arcs[] = $arc;
            }
        }

        return $arcs === [] ? null : new self($sheet, LashPositions::of($arcs, self::marks($sheet), 0)->all, $roomless, $margin);
    }

    /**
     * Turns that are found without a degree wheel: every cylinder’s top, and the marks of crank and rotor.
     *
     * @return list<int|float>
     */
    private static function marks(EngineSheet $sheet): array
    {
        $marks = [];
        foreach ($sheet->layout->cylinders as $cylinder) {
            foreach ([0.0, ...array_map(static fn (TimingMark $mark): float => $mark->meets, self::marksOf($sheet, $cylinder))] as $meets) {
                $marks[] = SettableArc::within(self::steps(($cylinder->fires ?? 0) + $meets)) % self::TURN;
            }
        }

        return array_values(array_unique($marks));
    }

    /** @return list<TimingMark> */
    private static function marksOf(EngineSheet $sheet, Cylinder $cylinder): array
    {
        return array_values(array_filter($sheet->marks->all, static fn (TimingMark $mark): bool => $mark->isOf($cylinder->id)
            && $mark->on !== MarkCarrier::CamWheel));
    }

    private static function steps(float $degrees): int
    {
        return (int) round($degrees * 1e9);
    }

    /** "Left cylinder at its top, on compression", "40° past the right cylinder’s top, on overlap". */
    public function name(LashPosition $position): string
    {
        $tops = [];
        foreach ($this->sheet->layout->cylinders as $cylinder) {
            foreach ([0 => 'on compression', 360 => 'on overlap'] as $top => $stroke) {
                $tops[] = [SettableArc::within($position->crank - self::steps(($cylinder->fires ?? 0) + $top)), $cylinder, $stroke];
            }
        }
        usort($tops, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        [$off, $cylinder, $stroke] = $tops[0];
        $name = count($this->sheet->layout->cylinders) === 1 ? 'piston' : $cylinder->name;
        $mark = array_values(array_filter(self::marksOf($this->sheet, $cylinder),
            static fn (TimingMark $mark): bool => abs(self::steps($mark->meets) - $off) < 1e6))[0] ?? null;
        $degrees = rtrim(rtrim(number_format($off / 1e9, 1, '.', ''), '0'), '.');

        return match (true) {
            $off < 1e6 => ucfirst($name).' at its top, '.$stroke,
            default => $degrees.'° past '.$name.'’s top, '.$stroke,
        }.($mark === null ? '' : ' ('.lcfirst($mark->name).')');
    }
}
