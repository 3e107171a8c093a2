<?php

namespace Moltrek\Core\Timing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;

/**
 * Where a crank stands, said in one of three ways: degrees from top dead centre, the piston’s way below it, or what a dial reads
 * that stands inclined in its hole. The one that was typed is kept exactly, the others follow.
 */
final readonly class CrankPlace
{
    public const KEYS = ['degrees', 'below_tdc', 'dial'];

    /** Rounding of a way through an inclined dial, in nanometres. */
    private const ROUNDING = 1e-3;

    /**
     * @param  int|float  $degrees  billionths of a degree, from 0 to half a turn
     * @param  int|float  $below  nanometres, as $dial
     */
    private function __construct(public int|float $degrees, public int|float $below, public int|float $dial)
    {
    }

    public static function atDegrees(DialledCrank $crank, int|float $degrees): self
    {
        $from = Circle::fromTop($degrees);
        $below = $crank->geometry->belowTopDeadCentre($from / 1e9) * 1e6;

        return new self($from, $below, $crank->dialOf($below));
    }

    public static function atBelow(DialledCrank $crank, int|float $below): self
    {
        return new self($crank->turnTo($below), $below, $crank->dialOf($below));
    }

    public static function atDial(DialledCrank $crank, int|float $dial): self
    {
        $below = $crank->belowOf($dial);

        return new self($crank->turnTo($below), $below, $dial);
    }

    /** A figure of a point, in degrees or as a way. */
    public static function ofPoint(DialledCrank $crank, Dimension $kind, int|float $figure): self
    {
        return $kind === Dimension::Angle ? self::atDegrees($crank, $figure) : self::atBelow($crank, $figure);
    }

    /** @param  Fields  $said  an object with one of the three */
    public static function read(Fields $said, DialledCrank $crank): self
    {
        $kind = self::kindOf($said);
        if ($kind === 'degrees') {
            return self::atDegrees($crank, $said->angle('degrees'));
        }
        $typed = $said->length($kind)->nanometres;
        $place = $kind === 'dial' ? self::atDial($crank, $typed) : self::atBelow($crank, $typed);
        if ($place->below > $crank->stroke + ($kind === 'dial' ? self::ROUNDING : 0)) {
            throw $said->placed(OutOfDomain::because($kind, 'The piston does not go so far down.', $said->text($kind),
                'at most '.Dimension::Length->written($kind === 'dial' ? $crank->dialOf($crank->stroke) : $crank->stroke)));
        }

        return $place;
    }

    /** In which of the three ways it was said. */
    public static function kindOf(Fields $said): string
    {
        $kinds = array_values(array_filter(self::KEYS, $said->has(...)));

        return match (count($kinds)) {
            1 => $kinds[0],
            0 => throw $said->placed(MalformedDocument::missing('', 'one of degrees, below_tdc and dial')),
            default => throw $said->placed(ContradictoryFields::excluded('', implode(', ', $kinds),
                'A place is said in one way.', 'one of degrees, below_tdc and dial')),
        };
    }

    /** @return array<string, array{value: float, unit: string}> */
    public function toArray(): array
    {
        return [...$this->withoutDial(), 'dial' => Dimension::Length->quantity($this->dial)];
    }

    /** @return array<string, array{value: float, unit: string}> */
    public function withoutDial(): array
    {
        return ['degrees' => Dimension::Angle->quantity($this->degrees), 'below_tdc' => Dimension::Length->quantity($this->below)];
    }
}
