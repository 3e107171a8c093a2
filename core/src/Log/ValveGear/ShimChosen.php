<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Document\Key\Size;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Document\Stating;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\ValveGear\ShimSource;

/** The shim that one valve gets, and where it comes from. */
final readonly class ShimChosen implements Stating
{
    use Stated;

    /** @param  string|null  $whose  the valve that it came from, where it is moved */
    private function __construct(
        #[Text(20)] public string $valve,
        #[Size(ShimRead::THICKEST, ShimRead::TOO_THICK)] public Length $size,
        public ShimSource $source,
        #[Text(20)] public ?string $whose,
    ) {
    }

    /** What it is called on the shelf and in an order: "Shim 2.65 mm". */
    public static function part(Length $size): string
    {
        return 'Shim '.$size->written();
    }

    /** The size that a part’s name states; null for a part that is no shim. */
    public static function sizeOf(string $part): ?Length
    {
        return preg_match('/^shim (\d+(?:\.\d+)? mm)$/i', $part, $found) === 1 ? Length::of($found[1]) : null;
    }
}
