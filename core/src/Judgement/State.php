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

    /** Whether nothing closes over it unless somebody takes it upon himself by name. */
    public function asksForAName(): bool
    {
        return $this === self::Out || $this === self::Unsure;
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
