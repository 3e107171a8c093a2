<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** The programmes of a sheet, one a group of fasteners, in the order in which the groups of one joint follow one another. */
final readonly class Programmes
{
    /** Places that are nearer to each other are one: a millimetre, in nanometres. */
    private const APART = 1_000_000;

    /** @param  list<StatedProgramme>  $all */
    private function __construct(private Stack $stack, public array $all)
    {
    }

    public static function read(Fields $sheet, Stack $stack): self
    {
        $programmes = array_map(StatedProgramme::read(...), $sheet->objects('programmes', ...StatedProgramme::KEYS));
        $read = new self($stack, $programmes);
        $read->refuseScattered($sheet);
        foreach ($programmes as $index => $programme) {
            $read->refuseContradictions($sheet, $programme, $index);
        }

        return $read;
    }

    /** A group is pulled in one step, and its programme stands once. */
    private function refuseScattered(Fields $sheet): void
    {
        $steps = [];
        foreach ($this->stack->fasteners as $index => $fastener) {
            $steps[$fastener->group] ??= $fastener->step;
            if ($steps[$fastener->group] !== $fastener->step) {
                throw $sheet->placed(ContradictoryFields::excluded('', $fastener->step,
                    'The fasteners of one group are pulled in one step.', $steps[$fastener->group]), "fasteners.$index.pulled_in");
            }
        }
    }

    private function refuseContradictions(Fields $sheet, StatedProgramme $programme, int $index): void
    {
        $bolts = array_column($this->stack->group($programme->group), 'id');
        if ($bolts === []) {
            throw $sheet->placed(MalformedDocument::wrongSort($programme->group, 'a group of fasteners of this sheet'),
                "programmes.$index.group");
        }
        $before = array_slice($this->all, 0, $index);
        if (in_array($programme->group, array_column($before, 'group'), true)) {
            throw $sheet->placed(ContradictoryFields::excluded('', $programme->group,
                'Two programmes stand for one group of fasteners.', 'one'), "programmes.$index.group");
        }
        foreach ($programme->stages as $at => $stage) {
            $unknown = array_values(array_diff($stage->order, $bolts))[0] ?? null;
            if ($unknown !== null) {
                throw $sheet->placed(MalformedDocument::wrongSort($unknown, 'one of '.implode(', ', $bolts)),
                    "programmes.$index.stages.$at.order");
            }
        }
        $mirrored = $programme->mirrors === null ? null : $this->of($programme->mirrors);
        if ($programme->mirrors !== null && ($mirrored === null || $mirrored->mirrors !== null)) {
            throw $sheet->placed(MalformedDocument::wrongSort($programme->mirrors, 'a group with a programme of its own'),
                "programmes.$index.mirrors");
        }
        if ($mirrored !== null && $this->opposite($mirrored->group, $programme->group) === null) {
            throw $sheet->placed(ContradictoryFields::excluded('', $programme->mirrors,
                'Seen in a mirror the two groups do not lie on each other.', 'groups of like places, left for right'),
                "programmes.$index.mirrors");
        }
    }

    public function of(string $group): ?StatedProgramme
    {
        foreach ($this->all as $programme) {
            if ($programme->group === $group) {
                return $programme;
            }
        }

        return null;
    }

    /** @return list<StatedStage> the stages of a group, its own or those that it mirrors */
    public function stagesOf(StatedProgramme $programme): array
    {
        $other = $programme->mirrors === null ? null : $this->of($programme->mirrors);
        $map = $other === null ? null : $this->opposite($other->group, $programme->group);
        if ($other === null || $map === null) {
            return $programme->stages;
        }

        return array_map(static fn (StatedStage $stage): StatedStage => $stage->order === [] ? $stage
            : $stage->withOrder(...array_map(static fn (string $bolt): string => $map[$bolt], $stage->order)), $other->stages);
    }

    /**
     * Which fastener of one group lies where one of the other does, left for right about their own middles.
     *
     * @return array<string, string>|null  by the id of the first group's; null where they do not lie on each other
     */
    private function opposite(string $group, string $other): ?array
    {
        [$these, $those] = [$this->stack->group($group), $this->stack->group($other)];
        [$here, $there] = [self::middle($these), self::middle($those)];
        $map = [];
        foreach ($these as $bolt) {
            foreach ($those as $match) {
                $isSame = abs(($bolt->x->nanometres - $here[0]) + ($match->x->nanometres - $there[0])) < self::APART
                    && abs(($bolt->y->nanometres - $here[1]) - ($match->y->nanometres - $there[1])) < self::APART;
                if ($isSame && ! in_array($match->id, $map, true)) {
                    $map[$bolt->id] = $match->id;
                    break;
                }
            }
        }

        return count($map) === count($these) && count($these) === count($those) ? $map : null;
    }

    /**
     * @param  list<Fastener>  $bolts
     * @return array{float, float} in nanometres
     */
    private static function middle(array $bolts): array
    {
        $mean = static fn (callable $of): float => array_sum(array_map($of, $bolts)) / max(1, count($bolts));

        return [
            $mean(static fn (Fastener $bolt): float => $bolt->x->nanometres),
            $mean(static fn (Fastener $bolt): float => $bolt->y->nanometres),
        ];
    }
}
