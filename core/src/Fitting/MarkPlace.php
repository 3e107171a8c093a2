<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Grade;

/** A place of an engine where the maker has stamped or painted a mark. */
final readonly class MarkPlace
{
    /** No number stamped on a crank or a case is larger. */
    private const LARGEST = 99;

    /**
     * @param  string  $part  the cylinder or main journal it belongs to
     * @param  list<Grade>  $grades  the size groups its mark may name; none where it is a number
     */
    private function __construct(public string $id, public MarkKind $kind, public string $part, public string $name, public array $grades)
    {
    }

    /** @return array<string, self> by id; none where the sheet sorts nothing by mark */
    public static function on(EngineSheet $sheet): array
    {
        $places = [];
        foreach ([MarkKind::Piston, MarkKind::Bore] as $kind) {
            $grades = array_values(array_filter($sheet->grades, static fn (Grade $grade): bool => $grade->of === $kind->value));
            foreach ($grades === [] ? [] : $sheet->cylinders as $cylinder) {
                $places[] = new self($kind->value.'.'.$cylinder->id, $kind, $cylinder->id, ucfirst($kind->value).', '.$cylinder->name, $grades);
            }
        }
        if ($sheet->shells !== null) {
            foreach ($sheet->crank->mains ?? [] as $main) {
                array_push($places, self::number(MarkKind::CaseMain, $main, 'Case at main '.$main), self::number(MarkKind::CrankMain, $main, 'Crank at main '.$main));
            }
            foreach ($sheet->cylinders as $cylinder) {
                array_push($places, self::number(MarkKind::Rod, $cylinder->id, 'Rod, '.$cylinder->name), self::number(MarkKind::Crankpin, $cylinder->id, 'Crankpin, '.$cylinder->name));
            }
        }

        return array_column($places, null, 'id');
    }

    /**
     * The mark as it stands in these fields.
     *
     * @throws MalformedDocument when it is none that this place can carry
     */
    public function read(Fields $fields, string $key): string
    {
        $mark = $fields->text($key, 40);
        if ($this->kind->counts() ? preg_match('/^\d{1,2}$/', $mark) !== 1 : $this->grade($mark) === null) {
            throw $fields->placed(MalformedDocument::wrongSort($mark, $this->kind->counts() ? 'a whole number from 0 to '.self::LARGEST : 'one of '.implode(', ', array_column($this->grades, 'mark'))), $key);
        }

        return $mark;
    }

    public function grade(string $mark): ?Grade
    {
        foreach ($this->grades as $grade) {
            if ($grade->mark === $mark) {
                return $grade;
            }
        }

        return null;
    }

    private static function number(MarkKind $kind, string $part, string $name): self
    {
        return new self(str_replace(' ', '_', $kind->value).'.'.$part, $kind, $part, $name, []);
    }
}
