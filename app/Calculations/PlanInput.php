<?php

namespace App\Calculations;

use DateTimeImmutable;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\BoreJob;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\GrowingLog;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Kinds;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\School;
use Moltrek\Core\Sheet\Worked;

/**
 * What plan and lift-cost are asked about: a sheet, by the name of one that ships with the application or as a document,
 * with the entries of a log, {"kind", "payload"} and, where it matters, "id", "happened_at" and "by", schools by matter, errands, decisions on bores, and where the engine stands.
 */
final class PlanInput
{
    public const KEYS = ['sheet', 'entries', 'choices', 'errands', 'decisions', 'worked'];

    private const ENTRY_KEYS = ['id', 'kind', 'payload', 'happened_at', 'by'];

    public static function state(Fields $in): BuildState
    {
        $sheet = self::sheet($in);
        $log = new GrowingLog($sheet, self::given($in, $sheet));
        array_map($log->add(...), [...self::worked($in), ...self::choices($in)]);
        foreach ($in->limited('entries', 1000)->objects('entries', ...self::ENTRY_KEYS) as $index => $fields) {
            $log->add(self::entry($fields, $log->before(), $index));
        }

        return $log->state();
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

    /** What the job is for and what is decided of its bores, before any entry says otherwise. */
    private static function given(Fields $in, EngineSheet $sheet): Basis
    {
        $decided = $in->objectOrNull('decisions', 'bore')?->objectOrNull('bore', ...array_column($sheet->layout->cylinders, 'id'));
        $bores = [];
        if ($decided !== null) {
            foreach ($decided->keys() as $cylinder) {
                $bores[$cylinder] = $decided->choice($cylinder, BoreJob::class);
                $decided->placing(static fn () => $bores[$cylinder]->refuseOn($sheet->barrel->lining), $cylinder);
            }
        }

        return new Basis(Errand::listIn($in, $sheet), bores: $bores);
    }

    /** @return list<Entry> where the engine stands */
    private static function worked(Fields $in): array
    {
        if (! $in->has('worked')) {
            return [];
        }
        $worked = $in->word('worked', 'bench', 'frame') === 'frame' ? Worked::Frame : Worked::Bench;

        return [Entry::stored('choice-0', 'school_chosen', (object) ['matter' => 'worked', 'school' => $worked->value], new DateTimeImmutable('@0'), '')];
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

    private static function entry(Fields $fields, Before $before, int $index): Entry
    {
        $kind = Kinds::in($fields, 'kind');
        $payload = $fields->raw('payload');

        return new Entry(
            $fields->textOrNull('id', 60) ?? sprintf('%08d', $index),
            $fields->placing(static fn (): Kind => $before->admit($kind, $payload), 'payload'),
            $fields->has('happened_at') ? $fields->instant('happened_at') : new DateTimeImmutable('@'.($index + 1)),
            $fields->textOrNull('by', 40) ?? '',
        );
    }
}
