<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Measuring\CrownPoint;
use Moltrek\Core\Measuring\StackReading;

/** Points over a crown, as the calculations that judge them take them. */
final class CrownInput
{
    private const MOST = 100;

    /**
     * @param  string  $oneSided  the outcome that is known to one side only: StackReading::ROCKS or UNCRUSHED
     * @return non-empty-list<CrownPoint>
     */
    public static function points(Fields $in, string $oneSided): array
    {
        $points = array_map(
            static fn (Fields $point): CrownPoint => new CrownPoint($point->text('at'), StackReading::read($point, 'value', $oneSided)),
            $in->required('readings')->limited('readings', self::MOST)->objects('readings', 'at', 'value'),
        );

        return $in->placing(static fn (): array => CrownPoint::each($points));
    }
}
