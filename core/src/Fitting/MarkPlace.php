<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\Act;
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
            $grades = array_values(array_filter($sheet->limits->grades, static fn (Grade $grade): bool => $grade->of === $kind->value));
            foreach ($grades === [] ? [] : $sheet->layout->cylinders as $cylinder) {
                $places[] = new self(
                    $kind->value.'.'.$cylinder->id,
                    $kind,
                    $cylinder->id,
                    ucfirst($kind->value).', '.$cylinder->name,
                    $grades,
                );
            }
        }
        if ($sheet->limits->shells !== null) {
            foreach ($sheet->crank->mains ?? [] as $main) {
                array_push(
                    $places,
                    self::number(MarkKind::CaseMain, $main, 'Case at main '.$main),
                    self::number(MarkKind::CrankMain, $main, 'Crank at main '.$main),
                );
            }
            foreach ($sheet->layout->cylinders as $cylinder) {
                array_push(
                    $places,
                    self::number(MarkKind::Rod, $cylinder->id, 'Rod, '.$cylinder->name),
                    self::number(MarkKind::Crankpin, $cylinder->id, 'Crankpin, '.$cylinder->name),
                );
            }
        }

        return array_column($places, null, 'id');
    }

    /** @throws MalformedDocument when it is no mark that this place can carry */
    public function refuseOther(string $mark): void
    {
        if ($this->kind->counts()) {
            if (preg_match('/^\d{1,2}$/', $mark) !== 1) {
                throw MalformedDocument::wrongSort($mark, 'a whole number from 0 to '.self::LARGEST)->under('mark');
            }
        } elseif ($this->grade($mark) === null) {
            throw MalformedDocument::wrongSort($mark, 'one of '.implode(', ', array_column($this->grades, 'mark')))->under('mark');
        }
    }

    /** Whether its mark says nothing any more: the part that carries it is another, or of another size. */
    public function isLostBy(Act $act, string $cylinder): bool
    {
        return match ($act) {
            Act::PistonChanged => $this->kind === MarkKind::Piston && $this->part === $cylinder,
            Act::BoreHoned, Act::BoreBored, Act::BorePlated => $this->kind === MarkKind::Bore && $this->part === $cylinder,
            Act::OtherCases => $this->kind->counts(),
            default => false,
        };
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
