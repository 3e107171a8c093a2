<?php

namespace App\OpenApi;

use Moltrek\Core\Closing\Holding;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Sheet\PatternKind;
use Moltrek\Core\Torquing\ClampModel;
use Moltrek\Core\Torquing\Stages;

/** What of the core the front end offers before it has asked for anything: words, units and the figures of the teaching model. */
final class TradeWords
{
    /** The module of the front end: resources/js/app/words.ts. */
    public static function text(): string
    {
        $words = static fn (PatternKind|Stages $each): array => [$each->value, $each->words()];
        $typed = [];
        foreach (Dimension::cases() as $dimension) {
            $typed[$dimension->value] = $dimension->typedUnits();
        }

        return "/** Words of the trade as the core has them. Generated: `php artisan moltrek:openapi`. */\n"
            .self::constant('PATTERNS', 'How the order of a joint’s bolts is come by, and how one says it.', array_map($words, PatternKind::cases()))
            .self::constant('STAGES', 'In which stages a final figure is reached, and how one says it.', array_map($words, Stages::cases()))
            .self::constant('TYPED_UNITS', 'The units of each dimension that a figure is typed in, the usual one first.', $typed)
            .self::constant('CLAMP', 'The bolt that the teaching model of a clamped joint is shown with.', ClampModel::SHOWN)
            .self::constant('SUPPLY', 'What a leak-down test is usually supplied with, by the unit of its gauge.', Holding::USUAL);
    }

    private static function constant(string $name, string $about, mixed $value): string
    {
        return "\n/** $about */\nexport const $name = "
            .json_encode($value, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)." as const\n";
    }
}
