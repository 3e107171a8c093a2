<?php

namespace Moltrek\Core\Judgement;

/** What a verdict says. */
enum State: string
{
    case Within = 'within';
    case Worn = 'worn';
    case Out = 'out';
    case Unsure = 'unsure';
    case Unknown = 'unknown';

    public static function of(Zone $zone): self
    {
        return self::from($zone->value);
    }

    /** How urgently it asks for attention, for "worst first". */
    public function gravity(): int
    {
        return match ($this) {
            self::Out => 4,
            self::Unsure => 3,
            self::Worn => 2,
            self::Unknown => 1,
            self::Within => 0,
        };
    }
}
