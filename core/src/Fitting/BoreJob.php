<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Sheet\Lining;

/** What may be decided of a bore. */
enum BoreJob: string
{
    case Keep = 'keep';
    case Piston = 'piston';
    case Hone = 'hone';
    case Rebore = 'rebore';
    case Replate = 'replate';
    case Replace = 'replace';

    /** @return list<self> what may be decided of a bore that is lined so: plating is thinner than any cut */
    public static function on(Lining $lining): array
    {
        return $lining === Lining::Plated ? [self::Keep, self::Piston, self::Replate, self::Replace] : self::cases();
    }

    /** @throws ContradictoryFields for a plated bore that is to be honed to size or bored */
    public function refuseOn(Lining $lining): void
    {
        if (! in_array($this, self::on($lining), true)) {
            throw ContradictoryFields::excluded('', $this->value,
                'A plated bore is never honed to size and never bored: the plating is thinner than the cut.',
                'one of '.implode(', ', array_column(self::on($lining), 'value')));
        }
    }
}
