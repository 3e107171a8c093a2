<?php

namespace Moltrek\Core\Planning;

/** What becomes of a part that has been in an engine before. */
enum ReuseClass: string
{
    case OneUse = 'one-use';
    case ReuseIf = 'reuse if';
    case RenewedThoughGood = 'renewed although good';
    case CarriedOver = 'carried over';

    /**
     * By what the part is called in the plan. Source: shop practice; the maker's word comes first.
     *
     * @return array{self, string}|null the class, and its condition or reason; null for what the trade has no rule for
     */
    public static function of(string $part): ?array
    {
        $part = strtolower($part);
        foreach (self::TABLE as $named => [$class, $why]) {
            if (str_contains($part, $named)) {
                return [self::from($class), $why];
            }
        }

        return null;
    }

    private const TABLE = [
        'circlip' => ['one-use', 'A clip that was bent open once has lost its spring.'],
        'head gasket' => ['one-use', 'Crushed once, it does not crush again.'],
        'base gasket' => ['one-use', 'Crushed once, it does not crush again.'],
        'o-ring' => ['renewed although good', 'Once flattened it follows the next groove badly.'],
        'cover gasket' => ['reuse if', 'the rubber is soft, whole and not flattened'],
        'tensioner gasket' => ['reuse if', 'the paper was greased and came off whole'],
        'copper washer' => ['reuse if', 'annealed, and its faces are flat'],
        'rod bolt' => ['one-use', 'A stretch bolt has been stretched.'],
        'lock washer' => ['one-use', 'A tab bends once.'],
        'seal' => ['renewed although good', 'Its lip has run in another place.'],
        'filter' => ['one-use', 'It holds what wore off the old parts.'],
        'dowel' => ['carried over', 'Goes from the old part to the new one.'],
        'stud' => ['carried over', 'Goes from the old part to the new one.'],
        'plug' => ['carried over', 'Goes from the old part to the new one.'],
        'ring' => ['one-use', 'A ring that has run fits the bore it ran in, no other.'],
    ];

    /** Whether somebody may say that the old one will do. */
    public function mayGoBack(): bool
    {
        return $this !== self::OneUse;
    }
}
