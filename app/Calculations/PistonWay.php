<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Timing\CrankPlace;
use Moltrek\Core\Timing\DialledCrank;

final class PistonWay implements Calculation
{
    private const MOST = 2_000;

    public function name(): string
    {
        return 'piston-way';
    }

    public function about(): string
    {
        return 'Degrees of the crank, the piston’s way and what an inclined dial reads, each from any of them.';
    }

    public function example(): string
    {
        return '{"stroke": "58.4 mm", "rod": "112 mm", "incline": "15 deg", "at": [{"degrees": "18 deg"}, {"below_tdc": "1.80 mm"}, {"dial": "2.00 mm"}]}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, ...DialledCrank::KEYS, ...['at']);
        $crank = DialledCrank::read($in);
        $at = $in->required('at')->limited('at', self::MOST)->objects('at', ...CrankPlace::KEYS);

        return $at === [] ? throw $in->placed(MalformedDocument::wrongSort([], 'at least one place'), 'at')
            : ['at' => array_map(static fn (Fields $said): array => CrankPlace::read($said, $crank)->toArray(), $at)];
    }
}
