<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Stated;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\OutOfDomain;

/**
 * When the cam of one side opens and closes its valve, in billionths of a crank degree as its maker counts them: an inlet before
 * the top and after the bottom, an exhaust before the bottom and after the top; and where its centreline is to lie.
 */
final readonly class CamEventsStated
{
    public const KEYS = ['opens', 'closes', 'centreline'];

    private const HALF_TURN = 180_000_000_000;

    private function __construct(public int|float $opens, public int|float $closes, public ?Stated $centreline)
    {
    }

    public static function readOrNull(Fields $cams, string $side): ?self
    {
        $said = $cams->objectOrNull($side, ...self::KEYS);
        if ($said === null) {
            return null;
        }
        $events = new self($said->angle('opens'), $said->angle('closes'),
            Stated::readOrNull($said, 'centreline', Dimension::Angle, signed: true));

        return $events->opens + self::HALF_TURN + $events->closes > 0 ? $events : throw $said->placed(OutOfDomain::because('closes',
            'A valve that closes before it opens.', $said->text('closes'), 'opens + 180 + closes above 0'));
    }
}
