<?php

namespace App\Calculations;

use DateTimeImmutable;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Admission;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\EntryKind;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\School;
use stdClass;

/**
 * What plan and lift-cost are asked about: a sheet, by the name of one that ships with the application or as a document,
 * with the entries of a log, {"kind", "payload"} and, where it matters, "id", "happened_at" and "by", and schools by matter.
 */
final class PlanInput
{
    public const KEYS = ['sheet', 'entries', 'choices'];

    private const ENTRY_KEYS = ['id', 'kind', 'payload', 'happened_at', 'by'];

    public static function state(Fields $in): BuildState
    {
        $sheet = self::sheet($in);
        $entries = self::choices($in);
        foreach ($in->objects('entries', ...self::ENTRY_KEYS) as $index => $fields) {
            $entries[] = self::entry($fields, $sheet, $entries, $index);
        }

        return Build::replay($sheet, $entries);
    }

    private static function sheet(Fields $in): EngineSheet
    {
        $document = $in->required('sheet', 'the name of a sheet, or a sheet')->raw('sheet');
        if (is_string($document)) {
            $file = preg_match('/^[a-z0-9-]{1,60}$/', $document) === 1 ? __DIR__.'/../../database/sheets/'.$document.'.json' : '';
            if ($file === '' || ! is_file($file)) {
                $known = array_map(static fn (string $path): string => basename($path, '.json'), glob(__DIR__.'/../../database/sheets/*.json') ?: []);
                throw $in->placed(MalformedDocument::wrongSort($document, 'one of '.implode(', ', $known)), 'sheet');
            }
            $document = JsonText::decode((string) file_get_contents($file));
        }

        return $in->placing(static fn (): EngineSheet => EngineSheet::read($document), 'sheet');
    }

    /** @return list<Entry> schools chosen before anything happened */
    private static function choices(Fields $in): array
    {
        if (! $in->has('choices')) {
            return [];
        }
        $choices = $in->object('choices', ...array_keys(School::all()));
        $entries = [];
        foreach ($choices->keys() as $matter) {
            $school = $choices->text($matter, 80);
            $options = array_keys(School::all()[$matter]->options);
            if (! in_array($school, $options, true)) {
                throw $choices->placed(MalformedDocument::wrongSort($school, 'one of '.implode(', ', $options)), $matter);
            }
            $entries[] = new Entry('choice-'.$matter, EntryKind::SchoolChosen, (object) ['matter' => $matter, 'school' => $school], new DateTimeImmutable('@0'), '');
        }

        return $entries;
    }

    /** @param  list<Entry>  $before */
    private static function entry(Fields $fields, EngineSheet $sheet, array $before, int $index): Entry
    {
        $kind = $fields->choice('kind', EntryKind::class);
        $payload = $fields->raw('payload');
        $fields->placing(static fn () => (new Admission(Build::replay($sheet, $before)))->check($kind, $payload), 'payload');
        $at = $fields->textOrNull('happened_at', 40);
        if ($at !== null && strtotime($at) === false) {
            throw $fields->placed(MalformedDocument::wrongSort($at, 'an instant such as 2026-11-24T09:30:00Z'), 'happened_at');
        }

        return new Entry(
            $fields->textOrNull('id', 60) ?? sprintf('%08d', $index), $kind, $payload instanceof stdClass ? $payload : new stdClass,
            $at === null ? new DateTimeImmutable('@'.($index + 1)) : new DateTimeImmutable($at), $fields->textOrNull('by', 40) ?? '',
        );
    }
}
