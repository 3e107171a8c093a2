<?php

namespace App\Upkeep;

use App\Models\Device;
use App\Models\Row;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/**
 * Who came in, who was refused, who may do what since when, what left the shop and what came back: only added to, seen by the
 * owner. Nothing that somebody typed stands in it: a name only where it is one of the shop's.
 */
final class SecurityLog
{
    /** As many as are shown, the newest first. */
    private const SHOWN = 200;

    public static function note(SecurityEvent $what, ?User $who = null, string $about = ''): void
    {
        DB::table('security_log')->insert([
            'at' => CarbonImmutable::now('UTC')->format('Y-m-d H:i:s.uP'), 'what' => $what->value, 'who' => $who === null ? null : "$who->name ($who->initials)",
            'about' => mb_substr($about, 0, 200), 'origin' => self::origin(),
        ]);
    }

    /** @return list<array{at: string, what: string, who: string|null, about: string, origin: string}> */
    public static function newest(): array
    {
        return array_values(DB::table('security_log')->orderByDesc('id')->limit(self::SHOWN)->get()->map(Row::of(...))->map(static fn (Row $row): array => [
            'at' => CarbonImmutable::parse($row->text('at'))->toIso8601ZuluString(), 'what' => $row->text('what'),
            'who' => $row->textOrNull('who'), 'about' => $row->text('about'), 'origin' => $row->text('origin'),
        ])->all());
    }

    /** When something last went wrong, where it has not gone well since. */
    public static function failedSince(SecurityEvent $wrong, SecurityEvent $well): ?string
    {
        $last = DB::table('security_log')->whereIn('what', [$wrong->value, $well->value])->orderByDesc('id')->first();

        return $last instanceof \stdClass && $last->what === $wrong->value ? CarbonImmutable::parse(Row::of($last)->text('at'))->toIso8601ZuluString() : null;
    }

    private static function origin(): string
    {
        if (app()->runningInConsole() && ! app()->runningUnitTests()) {
            return 'the command line';
        }
        $device = Device::of(request());

        return ($device === null ? '' : "tablet $device->name, ").request()->ip();
    }
}
