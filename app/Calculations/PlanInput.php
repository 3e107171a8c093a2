<?php

namespace App\Calculations;

use DateTimeImmutable;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Kinds;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\School;

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
        foreach ($in->limited('entries', 1000)->objects('entries', ...self::ENTRY_KEYS) as $index => $fields) {
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
            $entries[] = Entry::stored('choice-'.$matter, 'school_chosen', (object) ['matter' => $matter, 'school' => $school], new DateTimeImmutable('@0'), '');
        }

        return $entries;
    }

    /** @param  list<Entry>  $before */
    private static function entry(Fields $fields, EngineSheet $sheet, array $before, int $index): Entry
    {
        $kind = Kinds::in($fields, 'kind');
        $payload = $fields->raw('payload');
        $now = Before::of(Build::replay($sheet, $before));

        return new Entry(
            $fields->textOrNull('id', 60) ?? sprintf('%08d', $index),
            $fields->placing(static fn (): Kind => $now->admit($kind, $payload), 'payload'),
            $fields->has('happened_at') ? $fields->instant('happened_at') : new DateTimeImmutable('@'.($index + 1)),
            $fields->textOrNull('by', 40) ?? '',
        );
    }
}
