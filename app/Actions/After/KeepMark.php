<?php

namespace App\Actions\After;

use App\Models\Job;
use App\Models\Sheet;
use App\Models\User;
use App\Policies\Right;
use App\Store\KeepSheet;
use App\Store\OpenLog;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Timing\MarkPunched;
use stdClass;

/**
 * A mark that was punched anew is noted on the sheet as the one to trust, beside the one that was found off: a new version, where
 * whoever punched it may write sheets. A strike-out leaves it there: the punch is in the metal all the same.
 */
final class KeepMark implements After
{
    public function kind(): string
    {
        return MarkPunched::class;
    }

    public function mayStand(Job $job, Kind $said): void
    {
    }

    public function stands(Job $job, Entry $entry, OpenLog $log): void
    {
        $newest = Sheet::newest($job->sheet->slug);
        $by = User::query()->where('initials', $entry->by)->first();
        if (! $entry->said instanceof MarkPunched || $newest === null || $by === null || ! Right::KeepSheet->isOf($by->role)) {
            return;
        }
        $said = $entry->said;
        if ($newest->engine()->marks->named($said->mark) === null || $newest->engine()->marks->named(self::anew($said)) !== null) {
            return;
        }
        (new KeepSheet)->changed($job->sheet->slug, static fn (stdClass $document) => self::write($document, $said));
    }

    public function falls(Job $job, Entry $entry, OpenLog $log): void
    {
    }

    private static function anew(MarkPunched $said): string
    {
        return $said->mark.'-new';
    }

    private static function write(stdClass $document, MarkPunched $said): void
    {
        $marks = is_array($document->marks ?? null) ? $document->marks : [];
        foreach ($marks as $mark) {
            if ($mark instanceof stdClass && ($mark->id ?? null) === $said->mark) {
                $new = clone $mark;
                $new->id = self::anew($said);
                $new->name = 'New '.lcfirst(is_string($mark->name ?? null) ? $mark->name : $said->mark);
                $marks[] = $new;
            }
        }
        $document->marks = $marks;
        if (($document->ignition ?? null) instanceof stdClass) {
            $document->ignition->trusted = self::anew($said);
        }
    }
}
