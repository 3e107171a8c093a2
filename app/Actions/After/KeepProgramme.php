<?php

namespace App\Actions\After;

use App\Calculations\JsonText;
use App\Models\Job;
use App\Models\Sheet;
use App\Models\User;
use App\Policies\Right;
use App\Store\KeepSheet;
use App\Store\OpenLog;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Torquing\RunStarted;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Torquing\Group;
use Moltrek\Core\Torquing\Programme;
use stdClass;

/**
 * A programme that was asked for at the pull, because the sheet stated none, is kept on the sheet for the next engine of its kind:
 * a new version of it, where whoever pulls may write sheets. A strike-out leaves it there: what the manual says is true all the same.
 */
final class KeepProgramme implements After
{
    public function kind(): string
    {
        return RunStarted::class;
    }

    public function mayStand(Job $job, Kind $said): void
    {
    }

    public function stands(Job $job, Entry $entry, OpenLog $log): void
    {
        $newest = Sheet::newest($job->sheet->slug);
        $by = User::query()->where('initials', $entry->by)->first();
        if (! $entry->said instanceof RunStarted || $newest === null || $by === null || ! Right::KeepSheet->isOf($by->role)) {
            return;
        }
        $said = $entry->said;
        if (Programme::on($newest->engine(), $said->step) !== null || ! self::fits($newest, $said)) {
            return;
        }
        (new KeepSheet)->changed($job->sheet->slug, static fn (stdClass $document) => self::write($document, $said->programme));
    }

    public function falls(Job $job, Entry $entry, OpenLog $log): void
    {
    }

    /** Whether the sheet can take it: a sheet that says otherwise elsewhere is left as it is. */
    private static function fits(Sheet $newest, RunStarted $said): bool
    {
        $document = JsonText::decode($newest->document);
        assert($document instanceof stdClass);
        try {
            self::write($document, $said->programme);

            return Programme::on(EngineSheet::read($document), $said->step) !== null;
        } catch (Refusal) {
            return false;
        }
    }

    private static function write(stdClass $document, Programme $programme): void
    {
        $fasteners = is_array($document->fasteners ?? null) ? $document->fasteners : [];
        $programmes = is_array($document->programmes ?? null) ? $document->programmes : [];
        foreach ($programme->groups as $group) {
            $known = array_map(static fn (mixed $each): mixed => $each instanceof stdClass ? $each->id ?? null : null, $fasteners);
            foreach ($group->bolts as $bolt) {
                if (! in_array($bolt->id, $known, true)) {
                    $fasteners[] = JsonText::decode(JsonText::encode($bolt->toArray()));
                }
            }
            $programmes[] = JsonText::decode(JsonText::encode(self::stated($group)));
        }
        $document->fasteners = $fasteners;
        $document->programmes = $programmes;
    }

    /** @return array<string, mixed> */
    private static function stated(Group $group): array
    {
        $whole = $group->toArray();

        return ['group' => $group->id, 'name' => $group->name, 'stages' => $whole['stages'], 'source' => $group->source, 'over' => $group->over->value];
    }
}
