<?php

namespace Moltrek\Core\Sheet;

/** How the cylinders stand. */
enum Form: string
{
    case Single = 'single';
    case Parallel = 'parallel';
    case Inline = 'inline';
    case Vee = 'vee';

    /** "single", "parallel twin", "V-twin", "inline four". */
    public function named(int $cylinders): string
    {
        $count = [2 => 'twin', 3 => 'triple', 4 => 'four', 6 => 'six'][$cylinders] ?? $cylinders.'-cylinder';

        return match ($this) {
            self::Single => 'single',
            self::Parallel => 'parallel '.$count,
            self::Inline => 'inline '.$count,
            self::Vee => 'V-'.$count,
        };
    }
}
