<?php

namespace Moltrek\Core\Log\Chamber;

use Moltrek\Core\Chamber\LaidPiece;
use Moltrek\Core\Chamber\LaidPieces;
use Moltrek\Core\Chamber\Room;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Measuring\Form\Burette;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\PortEdge;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Timing\CrankGeometry;

/**
 * The joints of one cylinder and what lies in them: as it is, and as it would be with other pieces. A measured gasket counts
 * before the one that the sheet states, and what somebody said lies there before both.
 */
final readonly class StackOfThicknesses
{
    public ?CrownRead $deck;

    public ?CrownRead $squish;

    public function __construct(public BuildState $state, public Cylinder $cylinder)
    {
        $this->deck = CrownRead::of($state, 'deck.'.$cylinder->id);
        $this->squish = CrownRead::of($state, 'squish.'.$cylinder->id);
    }

    /** @return list<Slab> those below the barrel first */
    public function joints(): array
    {
        return $this->state->thicknesses->jointsOf($this->cylinder->id);
    }

    public function at(Slab $joint): LaidPieces
    {
        return $this->resolved($joint, $this->state->thicknesses->at($joint->id));
    }

    /** What is decided to lie there, else what lies there. */
    public function planned(Slab $joint): LaidPieces
    {
        $decided = $this->state->thicknesses->decidedAt($joint->id);

        return $decided ?? $this->at($joint);
    }

    /**
     * What other pieces add to what a crown was read with.
     *
     * @param  array<string, LaidPieces>  $laid  by joint; the others as they lie
     * @param  bool  $belowAlone  whether what lies above the barrel does not count: a deck
     */
    public function added(?CrownRead $read, array $laid, bool $belowAlone): Length
    {
        $more = Length::zero();
        foreach ($this->joints() as $joint) {
            if ($joint->kind->isBelowBarrel() || ! $belowAlone) {
                $was = $read === null ? $this->at($joint)
                    : $this->resolved($joint, $this->state->thicknesses->takenWith($read->spot, $joint->id));
                $more = $more->plus(($laid[$joint->id] ?? $this->at($joint))->thickness()->minus($was->thickness()));
            }
        }

        return $more;
    }

    /**
     * How thick it is above the barrel, or below it.
     *
     * @param  array<string, LaidPieces>  $laid
     */
    public function thickness(bool $below, array $laid): Length
    {
        $sum = Length::zero();
        foreach ($this->joints() as $joint) {
            if ($joint->kind->isBelowBarrel() === $below) {
                $sum = $sum->plus(($laid[$joint->id] ?? $this->at($joint))->thickness());
            }
        }

        return $sum;
    }

    /**
     * The chamber that an insert makes, where one is in.
     *
     * @param  array<string, LaidPieces>  $laid
     */
    public function insert(array $laid): ?float
    {
        foreach ($this->joints() as $joint) {
            $volume = ($laid[$joint->id] ?? $this->at($joint))->volume();
            if ($volume !== null) {
                return $volume;
            }
        }

        return null;
    }

    /** This cylinder as far as it has been measured, and else as the sheet states it. */
    public function room(): Room
    {
        $geometry = $this->state->sheet->geometry;
        $sources = $this->chamberSources();

        return new Room(
            $geometry->bore, $geometry->stroke,
            $geometry->rod === null ? null : CrankGeometry::of($geometry->stroke, $geometry->rod),
            $sources->chamber,
            $this->opening() ?? $geometry->bore,
            $sources->dome,
            $this->portTop(PortEdge::EXHAUST),
            $geometry->chamber,
        );
    }

    /** Chamber and dome, as measured and else as the sheet states them. */
    public function chamberSources(): ChamberSources
    {
        $stated = $this->state->sheet->geometry->chamber;
        $chamber = $this->state->readings->at('chamber_volume.'.$this->cylinder->id)?->said;
        $dome = $this->state->readings->at('dome_volume.'.$this->cylinder->id)?->said->figure()?->base;

        return new ChamberSources(
            $chamber?->figure()->base ?? $stated->chamber,
            $chamber !== null ? 'by burette' : ($stated->chamber === null ? 'not known' : 'the sheet’s'),
            $chamber instanceof Burette ? $chamber->spread()?->base : null,
            $dome ?? $stated->dome ?? 0.0,
            $dome !== null ? 'measured in the bore' : ($stated->dome === null ? 'counted flat' : 'the sheet’s'),
        );
    }

    /** Of the head gasket: as measured, else as the sheet states it. */
    private function opening(): ?Length
    {
        foreach ($this->joints() as $joint) {
            $read = $this->state->readings->at('gasket_opening.'.$joint->id)?->size();
            if ($read !== null) {
                return $read;
            }
        }

        return $this->state->sheet->geometry->gasketOpening;
    }

    /** The upper edge of a port, as measured, else as the sheet states it. */
    public function portTop(string $port): ?Length
    {
        return $this->state->readings->at('port_height.'.$this->cylinder->id.'.'.$port)?->size()
            ?? (array_column($this->state->sheet->geometry->ports, null, 'id')[$port] ?? null)?->top;
    }

    /** @return array<string, string> the ports of this engine by id */
    public function ports(): array
    {
        $named = array_column($this->state->sheet->geometry->ports, 'name', 'id');
        foreach ($this->state->spots as $spot) {
            if ($spot->is('port_height') && $spot->isOf($this->cylinder->id)) {
                $named[$spot->at->part] ??= ucfirst($spot->at->part).' port';
            }
        }

        return $named;
    }

    /** What nobody stated, by the micrometer where it was read. */
    private function resolved(Slab $joint, LaidPieces $laid): LaidPieces
    {
        if ($laid->stated) {
            return $laid;
        }
        $states = $laid->crushed ? ['crushed', 'fresh'] : ['fresh', 'crushed'];
        foreach ($states as $state) {
            $read = $this->state->readings->at('gasket_thickness.'.$joint->id.'.'.$state)?->size();
            if ($read !== null) {
                return new LaidPieces([LaidPiece::measured($joint->name.' '.$read->short(), $read)], $laid->crushed, true);
            }
        }

        return $laid;
    }
}
