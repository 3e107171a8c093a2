<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** Plain shells by mark: an offset for the mains and one for the rods, and the colour of each code. */
final readonly class ShellTable
{
    public const KEYS = ['main_offset', 'rod_offset', 'colours'];

    /** @param  array<string|int, string>  $colours by code */
    private function __construct(public int $mainOffset, public int $rodOffset, public array $colours)
    {
    }

    public static function read(Fields $fields): self
    {
        $named = $fields->named('colours');
        $colours = [];
        foreach ($named->keys() as $code) {
            $colours[$code] = $named->text($code, 40);
        }

        return new self($fields->whole('main_offset', -20, 20), $fields->whole('rod_offset', -20, 20), $colours);
    }
}
