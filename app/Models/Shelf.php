<?php

namespace App\Models;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The parts that lie on the shop's shelf, by the name the plan has for them and the engine they are made for. */
final class Shelf
{
    /** @return list<array{part: string, fits: string, count: int}> */
    public static function all(): array
    {
        return array_values(DB::table('shelf')->orderBy('part')->orderBy('fits')->get()
            ->map(Row::of(...))
            ->map(static fn (Row $row): array => ['part' => $row->text('part'), 'fits' => $row->text('fits'), 'count' => $row->whole('count')])->all());
    }

    public static function put(string $part, string $fits, int $count): void
    {
        DB::table('shelf')->upsert([['part' => $part, 'fits' => $fits, 'count' => $count]], ['part', 'fits'], ['count']);
    }

    public static function has(string $part, string $engine): bool
    {
        return self::fitting($part, $engine)->where('count', '>', 0)->exists();
    }

    /** @return array<string, int> how many of each part lie there for an engine, or for any */
    public static function counts(string $engine): array
    {
        $counts = [];
        foreach (self::all() as $lies) {
            if (in_array($lies['fits'], [$engine, ''], true)) {
                $counts[$lies['part']] = ($counts[$lies['part']] ?? 0) + $lies['count'];
            }
        }

        return $counts;
    }

    /** @return array<string, int> the same, and nobody else takes one of them before this is written */
    public static function held(string $engine): array
    {
        DB::table('shelf')->whereIn('fits', [$engine, ''])->orderBy('part')->orderBy('fits')->lockForUpdate()->get();

        return self::counts($engine);
    }

    /** One of them taken away for an engine; false where none fits. */
    public static function take(string $part, string $engine): bool
    {
        return self::fitting($part, $engine)->where('count', '>', 0)->decrement('count') === 1;
    }

    public static function giveBack(string $part, string $engine): void
    {
        self::fitting($part, $engine)->increment('count');
    }

    /** One more of a part made for an engine, whether any lay there before or not. */
    public static function add(string $part, string $fits): void
    {
        DB::statement('INSERT INTO shelf (part, fits, count) VALUES (?, ?, 1) ON CONFLICT (part, fits) DO UPDATE SET count = shelf.count + 1', [$part, $fits]);
    }

    /** The one place a part is taken from: the one made for the engine before the one for any. */
    private static function fitting(string $part, string $engine): Builder
    {
        $fits = DB::table('shelf')->where('part', $part)->whereIn('fits', [$engine, ''])->orderByDesc('fits')->value('fits');

        return DB::table('shelf')->where('part', $part)->where('fits', is_string($fits) ? $fits : '');
    }
}
