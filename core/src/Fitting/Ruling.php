<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Sheet\SheetLimit;
use Moltrek\Core\Sheet\SourceKind;

/**
 * Decides whose figure rules: the range of the first source in the quantity's order that states one, with the service
 * limits of the first that states those; they are used together. An end that they do not state is that of the next source
 * that does. A choice overrules either.
 * Source: shop practice; the maker of the part that suffers rules it.
 */
final class Ruling
{
    /** @param  list<SheetLimit>  $stated the source that rules by default first */
    public static function over(array $stated, ?SourceChoice $choice): Source
    {
        $range = self::pick($stated, $choice?->range, static fn (SheetLimit $limit): bool => $limit->limit->hasRange());
        $service = self::pick($stated, $choice?->service, static fn (SheetLimit $limit): bool => $limit->limit->hasService());
        $limit = $range === null || $service === null || $service === $range
            ? ($range ?? $service)?->limit : $range->limit->withServiceOf($service->limit);
        foreach ($stated as $next) {
            $limit = $limit?->withMissingEndsOf($next->limit);
        }

        return new Source($range?->source, $service?->source, $limit, $choice?->reason, $stated);
    }

    /**
     * @param  list<SheetLimit>  $stated
     * @param  callable(SheetLimit): bool  $has
     */
    private static function pick(array $stated, ?SourceKind $chosen, callable $has): ?SheetLimit
    {
        $able = array_values(array_filter($stated, $has));
        foreach ($able as $limit) {
            if ($limit->source === $chosen) {
                return $limit;
            }
        }

        return $able[0] ?? null;
    }
}
