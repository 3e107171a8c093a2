<?php

namespace Moltrek\Core\Judgement;

/** Where a figure lies: inside the as-new range, past it but inside the service limit, or past everything. */
enum Zone: string
{
    case Within = 'within';
    case Worn = 'worn';
    case Out = 'out';

    public function rank(): int
    {
        return match ($this) {
            self::Within => 0,
            self::Worn => 1,
            self::Out => 2,
        };
    }

    public static function worse(self $one, self $other): self
    {
        return $one->rank() >= $other->rank() ? $one : $other;
    }

    public static function better(self $one, self $other): self
    {
        return $one->rank() <= $other->rank() ? $one : $other;
    }
}
