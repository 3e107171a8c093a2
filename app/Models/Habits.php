<?php

namespace App\Models;

use Illuminate\Support\Facades\DB;

/** How this shop does what good mechanics differ on; a job takes them over when it is opened and keeps them. */
final class Habits
{
    /** @return array<string, string> school by matter */
    public static function all(): array
    {
        $habits = [];
        foreach (DB::table('habits')->orderBy('matter')->get() as $row) {
            $habit = Row::of($row);
            $habits[$habit->text('matter')] = $habit->text('school');
        }

        return $habits;
    }

    public static function keep(string $matter, string $school): void
    {
        DB::table('habits')->upsert([['matter' => $matter, 'school' => $school]], ['matter'], ['school']);
    }
}
