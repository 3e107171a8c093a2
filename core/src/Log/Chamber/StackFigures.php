<?php

namespace Moltrek\Core\Log\Chamber;

use Moltrek\Core\Chamber\Compression;
use Moltrek\Core\Chamber\Counted;
use Moltrek\Core\Chamber\GasketRoom;
use Moltrek\Core\Chamber\LaidPieces;
use Moltrek\Core\Chamber\Room;
use Moltrek\Core\Fitting\Ruling;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Timing\CamShift;

/**
 * Everything that thickness moves, before and with other pieces: below the barrel deck, squish, ratios, ports and a cam that its
 * chain pulls; above it the same without deck and ports. Source: geometry, after trade practice.
 */
final readonly class StackFigures
{
    /** A ratio that rises by more than this asks for another look at the fuel. Source: shop practice. */
    private const RAISED = 0.3;

    private Room $room;

    /** @param  array<string, LaidPieces>  $proposed  by joint; the others as they lie */
    public function __construct(private StackOfThicknesses $stack, private array $proposed)
    {
        $this->room = $stack->room();
    }

    /** @return list<StackFigure> */
    public function all(): array
    {
        return array_values(array_filter([
            $this->squish(), $this->deck(), ...$this->ratios(), ...$this->ports(), $this->velocity(), $this->camShift(),
        ]));
    }

    /** What has to be thought of where a ratio rises by so much that it matters; null where it does not. */
    public static function onRaising(?float $before, ?float $after): ?string
    {
        return $before === null || $after === null || round($after - $before, 6) <= self::RAISED ? null
            : 'The ratio rises: the engine maker’s word on fuel and ignition comes first. A raised ratio asks for more '
                .'octane and less advance, and knocks where it gets neither; the squish must still clear.';
    }

    /** @return list<string> what cannot be, or must be thought of before it is done */
    public function remarks(): array
    {
        $remarks = [];
        $overhang = $this->room->overhang();
        if ($overhang !== null) {
            $remarks[] = sprintf('The head gasket reaches %s into the bore all round: another opening.', $overhang->written());
        }
        try {
            [$before, $after] = [$this->compression(false)?->ratio(), $this->compression(true)?->ratio()];
            $remarks = [...$remarks, ...array_filter([self::onRaising($before, $after)])];
        } catch (Refusal $refusal) {
            $remarks[] = $refusal->getMessage();
        }
        $room = $this->stack->squish?->lowest($this->added($this->stack->squish, true, false));
        if ($room !== null && $room->nominal <= 0) {
            $remarks[] = 'With these pieces the piston meets the head.';
        }

        return $remarks;
    }

    private function squish(): ?StackFigure
    {
        $read = $this->stack->squish;
        $limit = $this->stack->state->verdicts->limitOf('squish.'.$this->stack->cylinder->id);

        return $read === null && $limit === null ? null : new StackFigure(
            'squish', 'Squish, thinnest point', Dimension::Length,
            $this->moved($read, static fn (CrownRead $of, Length $more): array => [$of->lowest($more)], belowAlone: false),
            $limit, false, self::readNote($read, 'Read the squish: wire or clay, both sides of the pin.'), Catalogue::all()['squish'],
        );
    }

    private function deck(): ?StackFigure
    {
        $read = $this->stack->deck;
        $limit = $this->stack->state->verdicts->limitOf('deck.'.$this->stack->cylinder->id);

        return $read === null && $limit === null ? null : new StackFigure(
            'deck', 'Deck, highest point', Dimension::Length,
            $this->moved($read, static fn (CrownRead $of, Length $more): array => $of->intervals($more), belowAlone: true),
            $limit, true, self::readNote($read, 'Read the deck with bridge and leaves.'), Catalogue::all()['deck'],
        );
    }

    /** @param  callable(CrownRead, Length): list<Interval>  $of */
    private function moved(?CrownRead $read, callable $of, bool $belowAlone): Moved
    {
        return $read === null ? new Moved([], [])
            : new Moved($of($read, $this->added($read, false, $belowAlone)), $of($read, $this->added($read, true, $belowAlone)));
    }

    private static function readNote(?CrownRead $read, string $missing): ?string
    {
        return match (true) {
            $read === null => $missing,
            $read->isStale => 'Counted from what was read before; read it again.',
            default => null,
        };
    }

    /** @return list<StackFigure> */
    private function ratios(): array
    {
        $chamber = $this->safely(fn (): ?float => $this->compression(false)?->clearance);
        $note = $chamber === null ? 'Fill the chamber by burette, or enter its volume on the sheet.'
            : $this->deckNote();
        $full = $this->ratio('compression_ratio', 'Full ratio', fn (bool $with): ?float => $this->compression($with)?->ratio(), $note);
        if ($this->stack->state->sheet->layout->cycle !== Cycle::TwoStroke) {
            return [$full];
        }
        $trapped = function (bool $with): ?float {
            $swept = $this->room->trapped($this->crownBelow($with));

            return $swept === null ? null : $this->compression($with)?->ratioOf($swept);
        };
        $missing = $this->room->trapped(Length::zero()) === null ? 'Read the height of the exhaust port.' : $note;

        return [$full, $this->ratio('trapped_ratio', 'Trapped ratio', $trapped, $missing)];
    }

    /** On which deck a figure was counted, where that is not one that stands. */
    private function deckNote(): ?string
    {
        return match (true) {
            $this->stack->deck === null => 'Counted with the crown flush: read the deck.',
            $this->stack->deck->isStale => 'Counted from the deck as it was: read it again.',
            default => null,
        };
    }

    /** @param  callable(bool): ?float  $of  with the other pieces or as it lies */
    private function ratio(string $key, string $name, callable $of, ?string $note): StackFigure
    {
        return new StackFigure($key, $name, Dimension::Ratio,
            Moved::exactly(
                $this->safely(static fn (): ?float => $of(false)),
                $this->safely(static fn (): ?float => $of(true)),
                Dimension::Ratio,
            ),
            $this->limit($key, $this->stack->cylinder->id), false, $note, Catalogue::all()[$key]);
    }

    /** @return list<StackFigure> */
    private function ports(): array
    {
        $edges = [];
        foreach ($this->stack->ports() as $port => $name) {
            $edges[(string) $port] = [$name.' opens', $this->stack->portTop((string) $port)];
        }
        $valve = $this->stack->state->readings->at('exhaust_valve_edge.'.$this->stack->cylinder->id)?->size();
        if ($valve !== null) {
            $edges['exhaust_valve_edge'] = ['Exhaust-valve edge passed', $valve];
        }
        $figures = [];
        foreach ($edges as $port => [$name, $top]) {
            [$before, $after] = array_map(
                fn (bool $with): ?float => $top === null ? null : $this->room->opens($top, $this->crownBelow($with)), [false, true]);
            $figures[] = new StackFigure('port_opens.'.$port, $name, Dimension::Angle,
                Moved::exactly($before, $after, Dimension::Angle),
                $this->limit('port_opens', (string) $port), true, match (true) {
                    $top === null => 'Read its height from the top face.',
                    $this->room->crank === null => 'The sheet states no rod length.',
                    default => $this->deckNote(),
                }, Catalogue::all()['port_opens']);
        }

        return $figures;
    }

    private function velocity(): ?StackFigure
    {
        if ($this->room->velocity($this->room->stroke) === null) {
            return null;
        }
        $read = $this->stack->squish;
        [$before, $after] = array_map(
            fn (bool $with): ?float => $read === null ? null : $this->room->velocity($read->middle($this->added($read, $with, false))),
            [false, true],
        );

        return new StackFigure('squish_velocity', 'Squish velocity, peak', Dimension::Speed,
            Moved::exactly($before, $after, Dimension::Speed),
            $this->limit('squish_velocity', $this->stack->cylinder->id), false, $read === null ? 'Read the squish first.' : null,
            Catalogue::all()['squish_velocity']);
    }

    private function camShift(): ?StackFigure
    {
        $train = $this->stack->state->sheet->valveTrain;
        if (! $train->hasChain() || ! $train->hasCamInHead()) {
            return null;
        }
        $wheel = $train->camWheel;
        $more = $this->added(null, true, false);

        $way = $more->nanometres < 0 ? 'retarded' : 'advanced';

        return new StackFigure('cam_shift', 'Cam '.$way.' by its chain', Dimension::Angle,
            $wheel === null ? new Moved([], [])
                : Moved::exactly(0.0, abs(CamShift::of($more, $wheel->teeth, $wheel->pitch)->crank()), Dimension::Angle),
            null, false, $wheel === null ? 'The sheet states no teeth and pitch of the cam wheel.' : null);
    }

    /** What the ratio with the other pieces is counted from. */
    public function counted(): Counted
    {
        $above = $this->stack->thickness(false, $this->proposed);
        try {
            $compression = $this->compression(true);
        } catch (Refusal) {
            $compression = null;
        }

        return new Counted(
            (new GasketRoom($this->room->opening, $above))->volume(),
            Compression::disc($this->room->bore, $this->crownBelow(true)),
            $compression,
        );
    }

    private function compression(bool $after): ?Compression
    {
        $laid = $after ? $this->proposed : [];

        return $this->room->compression($this->crownBelow($after), $this->stack->thickness(false, $laid), $this->stack->insert($laid));
    }

    /** Where the crown stands by and large; flush where nobody has read it. */
    public function crownBelow(bool $after): Length
    {
        $read = $this->stack->deck;

        return $read === null ? $this->added(null, $after, true) : $read->middle($this->added($read, $after, true));
    }

    private function added(?CrownRead $read, bool $after, bool $belowAlone): Length
    {
        return $this->stack->added($read, $after ? $this->proposed : [], $belowAlone);
    }

    private function limit(string $quantity, string $name): ?Limit
    {
        return Ruling::over($this->stack->state->sheet->limitsFor($quantity, $name), null)->limit;
    }

    /** @param  callable(): ?float  $figure */
    private function safely(callable $figure): ?float
    {
        try {
            return $figure();
        } catch (Refusal) {
            return null;
        }
    }
}
