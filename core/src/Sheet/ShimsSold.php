<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;

/** The shims that can be bought for this engine: from the thinnest to the thickest, in steps. */
final readonly class ShimsSold
{
    public const KEYS = ['from', 'to', 'step'];

    private function __construct(public Length $from, public Length $to, public Length $step)
    {
    }

    public static function readOrNull(Fields $in, string $key): ?self
    {
        $said = $in->objectOrNull($key, ...self::KEYS);
        if ($said === null) {
            return null;
        }
        $sold = new self($said->size('from'), $said->size('to'), $said->size('step'));

        return $sold->to->isLessThan($sold->from)
            ? throw $said->placed(ContradictoryFields::crossed('from', $sold->from->written(), 'to', $sold->to->written())) : $sold;
    }
}
