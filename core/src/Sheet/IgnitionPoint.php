<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Judgement\Stated;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\UnreadableQuantity;
use Moltrek\Core\Quantity\WrittenQuantity;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\OutOfDomain;

/** An ignition point as its maker states it: in degrees before top dead centre, or as the piston’s way below it, never in both. */
final readonly class IgnitionPoint
{
    private const ENDS = ['min', 'max', 'nominal', 'plus', 'minus', 'service_min', 'service_max'];

    /** Half a turn, in billionths of a degree. */
    private const HALF_TURN = 180_000_000_000;

    private function __construct(public Dimension $kind, public Stated $stated)
    {
    }

    /** None that is known. */
    public static function unknown(): self
    {
        return new self(Dimension::Angle, Stated::nowhere(Dimension::Angle));
    }

    /**
     * @param  int|float  $stroke  nanometres: no point lies further down
     *
     * @throws OutOfDomain|ContradictoryFields
     */
    public static function read(Fields $in, string $key, int|float $stroke): self
    {
        $said = $in->object($key, ...LimitDocument::KEYS);
        $kind = self::kind($in, $key, $said);
        $stated = Stated::readOrNull($in, $key, $kind, signed: $kind === Dimension::Angle) ?? Stated::nowhere($kind);
        $limit = $stated->limit;
        $most = $kind === Dimension::Angle ? self::HALF_TURN : $stroke;
        $ends = [
            'nominal' => [$stated->nominal, $limit->min, $limit->max],
            'service_min' => [$limit->serviceMin],
            'service_max' => [$limit->serviceMax],
        ];
        if ($stated->nominal === null) {
            $ends = ['min' => [$limit->min], 'max' => [$limit->max], ...$ends];
        }
        foreach ($ends as $end => $figures) {
            foreach ($figures as $figure) {
                if ($figure !== null && ($figure < 0 || $figure > $most)) {
                    throw $said->placed(OutOfDomain::because($end, 'A point lies between top and bottom.', $said->text($end),
                        'from 0 to '.$kind->written($most)));
                }
            }
        }

        return new self($kind, $stated);
    }

    /** "1.80 mm ± 0.10 mm, engine maker"; null where nothing is stated. */
    public function inWords(): ?string
    {
        [$limit, $nominal] = [$this->stated->limit, $this->stated->nominal];
        [$min, $max] = [$limit->min, $limit->max];
        $written = $this->kind->written(...);
        $isEven = $nominal !== null && $min !== null && $max !== null && $max - $nominal == $nominal - $min;
        $figure = match (true) {
            $isEven => $written($nominal).' ± '.$written($max - $nominal),
            $min !== null && $max !== null => $written($min).' to '.$written($max),
            default => $this->stated->aim() === null ? null : $written($this->stated->aim()),
        };

        return $figure === null ? null : implode(', ', array_filter([$figure, $limit->source]));
    }

    /** In which of the two it is stated; in degrees where it states nothing. */
    private static function kind(Fields $in, string $key, Fields $said): Dimension
    {
        $kinds = [];
        foreach (self::ENDS as $end) {
            try {
                $kinds[] = $said->isText($end) ? WrittenQuantity::of($said->text($end))->unit->dimension : null;
            } catch (UnreadableQuantity) {
                // it is refused where it is read
            }
        }
        $lengths = in_array(Dimension::Length, $kinds, true);
        if ($lengths && in_array(Dimension::Angle, $kinds, true)) {
            throw $in->placed(ContradictoryFields::excluded($key, $in->raw($key), 'A point is stated in degrees or as a way.',
                'all of it in one of the two'));
        }

        return $lengths ? Dimension::Length : Dimension::Angle;
    }
}
