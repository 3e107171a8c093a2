<?php

namespace App\Calculations;

use Moltrek\Core\Chamber\Port;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Timing\CrankGeometry;

final class PortTiming implements Calculation
{
    private const MOST = 200;

    public function name(): string
    {
        return 'port-timing';
    }

    public function about(): string
    {
        return 'Port heights to degrees and back, and what a change of thickness below the barrel does to them.';
    }

    public function example(): string
    {
        return '{"stroke": "72.0 mm", "rod": "132 mm", "deck": "0.2 mm", "change": "0.5 mm", "ports": [{"id": "exhaust", "top": "34.0 mm"}, {"id": "transfer", "opens": "117 deg"}]}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'stroke', 'rod', 'deck', 'change', 'ports');
        [$stroke, $rod] = [$in->size('stroke'), $in->size('rod')];
        $crank = $in->placing(static fn (): CrankGeometry => CrankGeometry::of($stroke, $rod));
        [$deck, $change] = array_map(static fn (string $key): ?float => $in->has($key) ? $in->signedLength($key)->quantity()['value'] : null, ['deck', 'change']);
        $ports = [];
        foreach ($in->required('ports')->limited('ports', self::MOST)->objects('ports', 'id', 'top', 'opens') as $fields) {
            $id = $fields->text('id');
            $port = self::port($fields, $deck ?? 0.0, $stroke, $crank);
            $after = $change === null ? null : self::after($in, $port, ($deck ?? 0.0) + $change, $stroke, $crank);
            $ports[] = ['id' => $id, ...$port->toArray(), 'after' => $after?->toArray()];
        }

        return ['ports' => $ports];
    }

    private static function port(Fields $fields, float $deck, Length $stroke, CrankGeometry $crank): Port
    {
        if ($fields->has('top') && $fields->has('opens')) {
            throw $fields->placed(ContradictoryFields::excluded('', $fields->text('opens'), 'One of the two follows from the other.', 'either top or opens'));
        }
        if (! $fields->has('top') && ! $fields->has('opens')) {
            throw $fields->placed(MalformedDocument::missing('', 'top, the depth of its upper edge, or opens, in degrees after top dead centre'));
        }
        $top = $fields->has('top') ? $fields->length('top')->quantity()['value'] : self::depth($fields, $deck, $crank);

        return $fields->placing(static fn (): Port => Port::at($top, $deck, $stroke, $crank));
    }

    private static function depth(Fields $fields, float $deck, CrankGeometry $crank): float
    {
        $opens = $fields->angle('opens') / Dimension::Angle->stepsPerUnit();

        return $opens < 0 || $opens > 180
            ? throw $fields->placed(OutOfDomain::because('', 'A port opens between top and bottom.', $fields->text('opens'), 'from 0 to 180 deg after top dead centre'))
            : $crank->belowTopDeadCentre($opens) + $deck;
    }

    private static function after(Fields $in, Port $port, float $deck, Length $stroke, CrankGeometry $crank): Port
    {
        try {
            return Port::at($port->top, $deck, $stroke, $crank);
        } catch (Refusal $refusal) {
            throw $in->placed(OutOfDomain::because('change', 'With this change the crown never comes to an edge of a port.', $in->text('change'), $refusal->allowed));
        }
    }
}
