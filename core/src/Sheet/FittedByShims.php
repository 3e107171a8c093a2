<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\OutOfDomain;

/** Something of the wheels that is set by shims: how much one thickness of shim moves it, and the thicknesses on offer. */
final readonly class FittedByShims
{
    public const KEYS = ['factor', 'shims', 'where'];

    /** @param  list<Length>  $shims */
    private function __construct(public float $factor, public array $shims, public string $where)
    {
    }

    public static function readOrNull(Fields $wheels, string $key): ?self
    {
        $said = $wheels->objectOrNull($key, ...self::KEYS);
        if ($said === null) {
            return null;
        }
        $factor = $said->has('factor') ? $said->number('factor') : 1.0;
        if ($factor == 0 || abs($factor) > 10) {
            throw $said->placed(OutOfDomain::because('factor', 'A shim moves it by some share of its thickness.', $factor,
                'a number other than 0, up to 10 either way'));
        }
        $shims = array_map(Length::of(...), $said->texts('shims'));

        return new self($factor, $shims, $said->textOrNull('where', 120) ?? 'behind the wheel');
    }
}
