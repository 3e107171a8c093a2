<?php

namespace Moltrek\Core\Timing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\UnreadableQuantity;
use Moltrek\Core\Quantity\WrittenQuantity;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\OutOfDomain;

/** An ignition point as its maker states it: in degrees before top dead centre, or as the piston’s way below it, never in both. */
final readonly class StatedPoint
{
    private const ENDS = ['min', 'max', 'nominal', 'plus', 'minus', 'service_min', 'service_max'];

    private function __construct(public Dimension $kind, public Limit $limit, private int|float|null $nominal)
    {
    }

    public static function read(Fields $in, DialledCrank $crank): self
    {
        $said = $in->object('point', ...LimitDocument::KEYS);
        $kind = self::kind($in, $said);
        $limit = LimitDocument::read($in, 'point', $kind, signed: $kind === Dimension::Angle) ?? Limit::undecided($kind);
        $nominal = $said->has('nominal') ? $said->quantity('nominal', $kind)->base() : null;
        $most = $kind === Dimension::Angle ? Circle::TURN / 2 : $crank->stroke;
        $ends = [
            'nominal' => [$nominal, $limit->min, $limit->max],
            'service_min' => [$limit->serviceMin],
            'service_max' => [$limit->serviceMax],
        ];
        if ($nominal === null) {
            $ends = ['min' => [$limit->min], 'max' => [$limit->max], ...$ends];
        }
        foreach ($ends as $key => $figures) {
            foreach ($figures as $figure) {
                if ($figure !== null && ($figure < 0 || $figure > $most)) {
                    throw $said->placed(OutOfDomain::because($key, 'A point lies between top and bottom.', $said->text($key),
                        'from 0 to '.$kind->written($most)));
                }
            }
        }

        return new self($kind, $limit, $nominal);
    }

    /** What is aimed at: the nominal figure, else the middle of the range, else the one end there is. */
    public function aim(): int|float|null
    {
        [$min, $max] = [$this->limit->min, $this->limit->max];

        return $this->nominal ?? ($min !== null && $max !== null ? ($min + $max) / 2 : $min ?? $max);
    }

    public function place(DialledCrank $crank, int|float|null $figure): ?CrankPlace
    {
        return match (true) {
            $figure === null => null,
            $this->kind === Dimension::Angle => CrankPlace::atDegrees($crank, $figure),
            default => CrankPlace::atBelow($crank, $figure),
        };
    }

    /** In which of the two it is stated; in degrees where it states nothing. */
    private static function kind(Fields $in, Fields $said): Dimension
    {
        $kinds = [];
        foreach (self::ENDS as $key) {
            try {
                $kinds[] = $said->isText($key) ? WrittenQuantity::of($said->text($key))->unit->dimension : null;
            } catch (UnreadableQuantity) {
                // it is refused where it is read
            }
        }
        $lengths = in_array(Dimension::Length, $kinds, true);
        if ($lengths && in_array(Dimension::Angle, $kinds, true)) {
            throw $in->placed(ContradictoryFields::excluded('point', $in->raw('point'), 'A point is stated in degrees or as a way.',
                'all of it in one of the two'));
        }

        return $lengths ? Dimension::Length : Dimension::Angle;
    }
}
