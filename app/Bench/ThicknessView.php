<?php

namespace App\Bench;

use App\Http\Shapes\ChamberShape;
use App\Http\Shapes\LaidPieceShape;
use App\Http\Shapes\NeededRoomShape;
use App\Http\Shapes\PortOnWallShape;
use App\Http\Shapes\StackChoiceShape;
use App\Http\Shapes\StackChoicesShape;
use App\Http\Shapes\StackFigureShape;
use App\Http\Shapes\StackJointShape;
use App\Http\Shapes\StackPieceShape;
use App\Http\Shapes\StackPointShape;
use App\Http\Shapes\SuppliedShape;
use App\Http\Shapes\ThicknessShape;
use App\Http\Shapes\WallTickShape;
use App\Models\Shop;
use Moltrek\Core\Chamber\LaidPiece;
use Moltrek\Core\Chamber\LaidPieces;
use Moltrek\Core\Fitting\ThicknessChoice;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Log\Chamber\CrownRead;
use Moltrek\Core\Log\Chamber\StackChoices;
use Moltrek\Core\Log\Chamber\StackFigure;
use Moltrek\Core\Log\Chamber\StackFigures;
use Moltrek\Core\Log\Chamber\StackOfThicknesses;
use Moltrek\Core\Log\Parts\Supplied;
use Moltrek\Core\Log\Parts\Supply;
use Moltrek\Core\Measuring\CrownPoint;
use Moltrek\Core\Planning\Decision;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\PortEdge;
use Moltrek\Core\Sheet\Seal;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\StackPiece;

/** One cylinder’s stack of thicknesses as its screens take it, with other pieces tried in it. */
final readonly class ThicknessView
{
    private StackFigures $figures;

    /**
     * @param  array<string, LaidPieces>  $tried  by joint
     * @param  array<string, int>  $shelf  how many of a piece lie on the shop’s shelf, by name
     */
    public function __construct(private StackOfThicknesses $stack, private array $tried, private array $shelf, private ?float $target)
    {
        $this->figures = new StackFigures($stack, $tried);
    }

    public function shape(): ThicknessShape
    {
        $state = $this->stack->state;
        $geometry = $state->sheet->geometry;
        $millimetres = static fn (?Length $length): ?float => $length?->quantity()['value'];
        $step = $state->work->steps();
        $deciding = array_filter($step, fn ($each): bool => $each->effect->decides === Decision::Thickness && $state->sheet->stack->named($each->place->slab)?->serves($this->stack->cylinder->id) === true);
        $isOpen = array_filter($deciding, static fn ($each): bool => $state->work->canBeDone($each)) !== [];

        return new ThicknessShape(
            cylinder: $this->stack->cylinder->id,
            name: $this->stack->cylinder->name,
            bore: (float) $millimetres($geometry->bore),
            stroke: (float) $millimetres($geometry->stroke),
            rod: $millimetres($geometry->rod),
            isTwoStroke: $state->sheet->layout->cycle === Cycle::TwoStroke,
            joints: array_map($this->joint(...), array_values(array_filter($this->stack->joints(), fn (Slab $joint): bool => $joint->kind !== SlabKind::Head || $state->sheet->pieces->at($joint->id) !== []))),
            figures: array_map($this->figure(...), $this->figures->all()),
            deck: self::points($this->stack->deck),
            squish: self::points($this->stack->squish),
            deckStale: $this->stack->deck?->isStale === true,
            squishStale: $this->stack->squish?->isStale === true,
            remarks: $this->figures->remarks(),
            choices: [$this->choices(true), $this->choices(false)],
            ports: $this->ports(),
            bowl: $millimetres($geometry->chamber->bowlAcross),
            chamber: $this->chamber(),
            wall: $this->wall(),
            canDecide: $isOpen,
            liftFirst: $this->liftFirst(),
            supply: array_map(static fn (Supplied $each): SuppliedShape => new SuppliedShape(
                $each->part, $each->from === Supplied::SHELF, $each->inWords()), Supply::of($state, $this->tried, $this->shelf, Shop::today(), Shop::openDays())),
        );
    }

    private function joint(Slab $joint): StackJointShape
    {
        $laid = $this->stack->at($joint);
        $thicknesses = $this->stack->state->thicknesses;
        $decided = $thicknesses->decidedAt($joint->id);

        return new StackJointShape(
            slab: $joint->id,
            name: $joint->name,
            below: $joint->kind->isBelowBarrel(),
            inGrooves: $joint->seal === Seal::ORing,
            insert: $joint->kind === SlabKind::Head,
            laid: array_map(self::piece(...), $laid->pieces),
            laidThickness: $laid->thickness()->quantity()['value'],
            crushed: $laid->crushed,
            stated: $laid->stated,
            decided: $decided === null ? null : array_map(self::piece(...), $decided->pieces),
            decidedBy: $thicknesses->decidedBy($joint->id)?->by,
            toBeChanged: $thicknesses->isToBeChanged($joint->id),
            pieces: array_map(fn (StackPiece $piece): StackPieceShape => new StackPieceShape(
                id: $piece->id,
                slab: $piece->slab,
                name: $piece->name,
                thickness: $piece->fitted()->quantity()['value'],
                volume: $piece->volume,
                onShelf: $this->shelf[$piece->name] ?? 0,
                days: $piece->days,
                here: Supply::here($piece, Shop::today(), Shop::openDays())?->text,
            ), $this->stack->state->sheet->pieces->at($joint->id)),
        );
    }

    private static function piece(LaidPiece $piece): LaidPieceShape
    {
        return new LaidPieceShape($piece->name, $piece->thickness->quantity()['value'], $piece->volume);
    }

    private function figure(StackFigure $figure): StackFigureShape
    {
        $value = static fn (?Interval $interval): ?float => $interval === null || is_infinite($interval->nominal) ? null : $figure->dimension->canonicalValue($interval->nominal);
        $after = self::worst($figure->moved->after);
        $ruler = $figure->ruler();
        $source = $figure->limit?->source;

        return new StackFigureShape(
            key: $figure->key,
            name: $figure->name,
            unit: $figure->dimension->canonicalUnit()->symbol,
            decimals: $figure->dimension === Dimension::Length ? 2 : 1,
            before: $value(self::worst($figure->moved->before)),
            after: $value($after),
            words: $after === null ? null : self::oneSided($after, $figure->dimension),
            fromBelow: $figure->movedFromBelow,
            note: $figure->note,
            limit: $figure->limit?->decides() === true ? AssessmentView::limitText($figure->limit) : null,
            source: $source,
            verdict: $figure->verdict === null || $figure->limit === null ? null : AssessmentView::verdict($figure->verdict),
            ruler: $figure->limit === null ? null : AssessmentView::ruler($ruler, $figure->dimension),
            wasWhiskers: count($figure->moved->before),
        );
    }

    /** @param  list<Interval>  $intervals */
    private static function worst(array $intervals): ?Interval
    {
        return $intervals === [] ? null : Interval::ofLeast(...$intervals);
    }

    private static function oneSided(Interval $interval, Dimension $dimension): ?string
    {
        $written = static fn (int|float $at): string => number_format($dimension->canonicalValue($at), 2, '.', '');

        return match (true) {
            $interval->isOpenBelow() => 'under '.$written($interval->highFigure()),
            $interval->isOpenAbove() => $written($interval->lowFigure()).' or more',
            default => null,
        };
    }

    /** @return list<StackPointShape> */
    private static function points(?CrownRead $read): array
    {
        return $read === null ? [] : array_map(static fn (CrownPoint $point): StackPointShape => new StackPointShape(
            $point->at, $point->said->shown(), $point->said->plain()?->quantity()['value'],
        ), $read->points);
    }

    private function choices(bool $below): StackChoicesShape
    {
        $choices = new StackChoices($this->stack, $below);
        $found = $choices->found();
        $by = $choices->by();
        $limit = $by === null ? null : $this->stack->state->verdicts->limitOf($by.'.'.$this->stack->cylinder->id);
        $each = fn (ThicknessChoice $choice): StackChoiceShape => $this->choice($choices, $choice);

        return new StackChoicesShape(
            below: $below,
            by: $by,
            target: $limit === null ? null : AssessmentView::limitText($limit),
            wanted: $found?->wanted?->quantity()['value'],
            choices: array_map($each, $found->choices ?? []),
            nearly: array_map($each, $found->nearly ?? []),
        );
    }

    private function choice(StackChoices $choices, ThicknessChoice $choice): StackChoiceShape
    {
        $pieces = array_values(array_filter(array_map($this->stack->state->sheet->pieces->named(...), $choice->pieces)));
        $left = $this->shelf;
        $missing = [];
        foreach ($pieces as $piece) {
            $left[$piece->name] = ($left[$piece->name] ?? 0) - 1;
            if ($left[$piece->name] < 0) {
                $missing[] = $piece;
            }
        }
        $end = static fn (Length $length): ?float => abs($length->nanometres) > 5e8 ? null : $length->quantity()['value'];

        return new StackChoiceShape(
            pieces: $choice->pieces,
            named: (new LaidPieces(array_map(LaidPiece::of(...), $pieces), false, true))->inWords(),
            thickness: $choice->thickness->quantity()['value'],
            low: $end($choice->low),
            high: $end($choice->high),
            fitsAll: $choices->fitsAll($choice),
            missing: array_map(static fn (StackPiece $piece): string => $piece->name, $missing),
            days: $missing === [] ? null : max(array_map(static fn (StackPiece $piece): int => $piece->days ?? 0, $missing)),
        );
    }

    /** @return list<PortOnWallShape> */
    private function ports(): array
    {
        $stated = array_column($this->stack->state->sheet->geometry->ports, null, 'id');
        $millimetres = static fn (?Length $length): ?float => $length?->quantity()['value'];
        $ports = [];
        foreach ($this->stack->ports() as $id => $name) {
            $port = $stated[$id] ?? null;
            $at = $port->at ?? ($id === PortEdge::EXHAUST ? 0.0 : 75.0);
            $ports[] = new PortOnWallShape(
                id: (string) $id,
                name: $name,
                top: $millimetres($this->stack->portTop((string) $id)),
                bottom: $millimetres($port?->bottom),
                at: $at,
                width: $millimetres($port?->width),
                pair: $at > 0 && $at < 180,
                spot: 'port_height.'.$this->stack->cylinder->id.'.'.$id,
            );
        }

        return $ports;
    }

    /** @return list<WallTickShape> each ten degrees of the crank; none where the rod is not known */
    private function wall(): array
    {
        $crank = $this->stack->room()->crank;
        [$before, $after] = [$this->figures->crownBelow(false)->quantity()['value'], $this->figures->crownBelow(true)->quantity()['value']];

        return $crank === null ? [] : array_map(static function (int $turn) use ($crank, $before, $after): WallTickShape {
            $way = $crank->belowTopDeadCentre($turn);

            return new WallTickShape($turn, $before + $way, $after + $way);
        }, range(0, 180, 10));
    }

    private function chamber(): ChamberShape
    {
        $sources = $this->stack->chamberSources();
        $state = $this->stack->state;
        $room = $this->stack->room();
        $counted = $this->figures->counted();

        return new ChamberShape(
            displacement: $state->sheet->displacement(),
            swept: $state->sheet->geometry->sweptVolume(),
            chamber: $sources->chamber,
            chamberFrom: $sources->chamberFrom,
            chamberSpread: $sources->spread,
            gasket: $counted->gasket,
            deck: $counted->deck,
            dome: $sources->dome,
            domeFrom: $sources->domeFrom,
            opening: $room->opening->quantity()['value'],
            clearance: $counted->compression?->clearance,
            ratio: $counted->compression?->ratio(),
            needed: $this->needed(),
        );
    }

    private function needed(): ?NeededRoomShape
    {
        $compression = $this->figures->counted()->compression;
        if ($this->target === null || $compression === null) {
            return null;
        }
        $needed = $compression->needed($this->target);

        return new NeededRoomShape(
            target: $this->target,
            clearance: $needed->clearance,
            chamber: $needed->chamber,
            thickness: $needed->thickness?->quantity()['value'],
            takeOff: $compression->clearance - $needed->clearance,
            warning: StackFigures::onRaising($compression->ratio(), $this->target),
        );
    }

    /** The barrel that comes off once more, where what is tried below it is not what lies there. */
    private function liftFirst(): ?string
    {
        foreach ($this->stack->joints() as $joint) {
            $tried = $this->tried[$joint->id] ?? null;
            if ($joint->kind->isBelowBarrel() && $tried?->differsFrom($this->stack->at($joint)) === true) {
                $barrel = $this->stack->state->sheet->stack->slab(SlabKind::Barrel, $this->stack->cylinder->id);

                return $barrel !== null && $this->stack->state->slabs->of($barrel)->isInPlace() ? $barrel->id : null;
            }
        }

        return null;
    }
}
