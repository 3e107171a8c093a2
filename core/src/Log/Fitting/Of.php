<?php

namespace Moltrek\Core\Log\Fitting;

use Moltrek\Core\Sheet\EngineSheet;

/** Which of several cylinders, in words. */
final class Of
{
    /** ", cylinder 2" on an engine that has several; nothing on a single. */
    public static function cylinder(EngineSheet $sheet, string $cylinder): string
    {
        $named = $sheet->cylinder($cylinder);

        return $named === null || ! $sheet->layout->hasSeveral() ? '' : ', '.$named->name;
    }
}
