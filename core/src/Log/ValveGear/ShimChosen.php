<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\ValveGear\ShimSource;

/** The shim that one valve gets, and where it comes from. */
final readonly class ShimChosen
{
    public const KEYS = ['valve', 'size', 'source', 'whose'];

    /** @param  string|null  $whose  the valve that it came from, where it is moved */
    private function __construct(public string $valve, public Length $size, public ShimSource $source, public ?string $whose)
    {
    }

    public static function read(Fields $fields): self
    {
        return new self($fields->text('valve', 20), ShimRead::size($fields), $fields->choice('source', ShimSource::class),
            $fields->textOrNull('whose', 20));
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
