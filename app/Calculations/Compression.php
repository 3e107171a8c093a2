<?php

namespace App\Calculations;

use Moltrek\Core\Chamber\Compression as Chamber;
use Moltrek\Core\Chamber\GasketRoom;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\Timing\CrankGeometry;

final class Compression implements Calculation
{
    public function name(): string
    {
        return 'compression';
    }

    public function about(): string
    {
        return 'Displacement, full and trapped ratio from chamber, gasket, deck and dome, and what a target ratio asks for.';
    }

    public function example(): string
    {
        return '{"bore": "72.5 mm", "stroke": "72.0 mm", "cylinders": 2, "chamber": "24.6 cc", "gasket": {"opening": "74.0 mm", "thickness": "1.10 mm"}, "deck": "-0.10 mm", "dome": "5.2 cc", "trapped": {"closes": "86 deg", "rod": "132 mm"}, "target": 13.5}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'bore', 'stroke', 'cylinders', 'chamber', 'gasket', 'deck', 'dome', 'trapped', 'target');
        [$bore, $stroke] = [$in->size('bore'), $in->size('stroke')];
        $cylinders = $in->has('cylinders') ? $in->whole('cylinders', 1) : 1;
        $chamber = self::volume($in, 'chamber');
        $gasket = $in->objectOrNull('gasket', 'opening', 'thickness');
        $gasket = $gasket === null ? null : new GasketRoom($gasket->size('opening'), $gasket->length('thickness'));
        $deck = $in->has('deck') ? $in->signedLength('deck') : null;
        $dome = $in->has('dome') ? (float) $in->quantity('dome', Dimension::Volume)->base() : 0.0;
        $compression = $in->placing(static fn (): Chamber => Chamber::of($bore, $stroke, $cylinders, $chamber, $gasket, $deck, $dome));
        $trapped = self::trapped($in, $bore, $stroke);
        $cubic = static fn (float $volume): array => Dimension::Volume->quantity($volume);

        return [
            'displacement' => $cubic($compression->displacement),
            'swept' => $cubic($compression->swept),
            'clearance' => $cubic($compression->clearance),
            'ratio' => $compression->ratio(),
            'trapped' => $trapped === null ? null : ['swept' => $cubic($trapped), 'ratio' => $compression->ratioOf($trapped)],
            'needed' => $in->has('target') ? $compression->needed(self::target($in))->toArray() : null,
        ];
    }

    private static function volume(Fields $in, string $key): float
    {
        $volume = (float) $in->quantity($key, Dimension::Volume)->base();

        return $volume < 0 ? throw $in->placed(OutOfDomain::negative($in->text($key)), $key) : $volume;
    }

    /** What a piston sweeps from where its exhaust port is shut. */
    private static function trapped(Fields $in, Length $bore, Length $stroke): ?float
    {
        $trapped = $in->objectOrNull('trapped', 'below_tdc', 'closes', 'rod');
        if ($trapped === null) {
            return null;
        }
        if ($trapped->has('below_tdc') && $trapped->has('closes')) {
            throw $in->placed(ContradictoryFields::excluded('trapped', $in->raw('trapped'), 'The port closes in one place.', 'either below_tdc or closes with rod'));
        }
        $below = $trapped->has('closes') ? self::wayAt($trapped, $stroke) : self::below($trapped, $stroke);

        return Chamber::disc($bore, $below);
    }

    private static function below(Fields $trapped, Length $stroke): Length
    {
        if (! $trapped->has('below_tdc')) {
            throw $trapped->placed(MalformedDocument::missing('below_tdc', 'how far below top dead centre the port closes, or closes with rod'));
        }
        $below = $trapped->length('below_tdc');
        if ($stroke->isLessThan($below)) {
            throw $trapped->placed(OutOfDomain::because('below_tdc', 'The piston does not go so far down.', $trapped->text('below_tdc'), 'at most the stroke, '.$stroke->written()));
        }
        self::rod($trapped, $stroke, needed: false);

        return $below;
    }

    private static function wayAt(Fields $trapped, Length $stroke): Length
    {
        $closes = $trapped->angle('closes') / Dimension::Angle->stepsPerUnit();
        if ($closes < 0 || $closes > 180) {
            throw $trapped->placed(OutOfDomain::because('closes', 'A port closes between bottom and top.', $trapped->text('closes'), 'from 0 to 180 deg before top dead centre'));
        }
        $crank = self::rod($trapped, $stroke, needed: true);

        return Length::ofNanometres(($crank?->belowTopDeadCentre($closes) ?? 0) * Dimension::Length->stepsPerUnit());
    }

    private static function rod(Fields $trapped, Length $stroke, bool $needed): ?CrankGeometry
    {
        $rod = $needed ? $trapped->size('rod') : $trapped->sizeOrNull('rod');

        return $rod === null ? null : $trapped->placing(static fn (): CrankGeometry => CrankGeometry::of($stroke, $rod));
    }

    private static function target(Fields $in): float
    {
        $target = $in->number('target');

        return $target > 1 ? $target : throw $in->placed(OutOfDomain::because('target', 'A ratio is more than one.', $in->raw('target'), 'more than 1'));
    }
}
