<?php

namespace Moltrek\Core\Chamber;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\ChamberFigures;
use Moltrek\Core\Timing\CrankGeometry;

/** One cylinder as far as its figures are known: what the deck, the joint above and an insert make of ratio, ports and squish. */
final readonly class Room
{
    /**
     * @param  CrankGeometry|null  $crank  null where the rod is not known
     * @param  float|null  $chamber  cubic centimetres, as $dome
     * @param  Length  $opening  of the head gasket
     * @param  Length|null  $exhaustTop  of the exhaust port, from the face down
     */
    public function __construct(
        public Length $bore,
        public Length $stroke,
        public ?CrankGeometry $crank,
        private ?float $chamber,
        public Length $opening,
        private float $dome,
        private ?Length $exhaustTop,
        private ChamberFigures $stated,
    ) {
    }

    /** @throws Refusal where nothing would be left above the piston */
    public function compression(Length $deck, Length $above, ?float $insert): ?Compression
    {
        $chamber = $insert ?? $this->chamber;

        return $chamber === null ? null
            : Compression::of($this->bore, $this->stroke, 1, $chamber, new GasketRoom($this->opening, $above), $deck, $this->dome);
    }

    /** What is swept once the exhaust port is shut, in cubic centimetres; nothing where its height is not known. */
    public function trapped(Length $deck): ?float
    {
        return $this->exhaustTop === null ? null : Compression::disc($this->bore, $this->exhaustTop->minus($deck));
    }

    /** Degrees after top dead centre at which the crown uncovers an edge; nothing where it never does, or the rod is not known. */
    public function opens(Length $edge, Length $deck): ?float
    {
        try {
            return $this->crank === null ? null
                : Port::at($edge->quantity()['value'], $deck->quantity()['value'], $this->stroke, $this->crank)->opens;
        } catch (Refusal) {
            return null;
        }
    }

    /** The peak of the squish velocity in metres a second; nothing where the bowl, the speed or the rod is not known. */
    public function velocity(Length $squish): ?float
    {
        $stated = $this->stated;

        return $this->crank === null || $stated->bowlAcross === null || $stated->bowlVolume === null || $stated->speed === null
            || ! $squish->isPositive() ? null
            : SquishVelocity::of($this->crank, $this->bore, $stated->speed, $stated->bowlAcross, $stated->bowlVolume, $squish)->peak;
    }

    /** By how much a gasket reaches into the bore all round; nothing where it does not. */
    public function overhang(): ?Length
    {
        return $this->opening->isLessThan($this->bore)
            ? Length::ofNanometres(($this->bore->nanometres - $this->opening->nanometres) / 2) : null;
    }
}
