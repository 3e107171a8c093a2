<?php

namespace Moltrek\Core\Log\Fitting;

use Moltrek\Core\Fitting\BoreJob;
use Moltrek\Core\Fitting\SourceChoice;
use Moltrek\Core\Log\Chamber\Thicknesses;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Planning\Decision;
use Moltrek\Core\Planning\PartKind;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\EngineSheet;

/** What has been decided of bores, pistons and rings, and whose figures rule. */
final class Decisions
{
    /** @var array<string, BoreDecided> by cylinder */
    private array $bores = [];

    /** @var array<string, BoreJob> what is reckoned with until somebody decides, by cylinder */
    private array $foreseen = [];

    /** @var array<string, string> whose decision it was, by cylinder */
    private array $deciders = [];

    /** @var array<string, GapsPlaced> by cylinder */
    private array $gaps = [];

    private ?PistonsPaired $pairs = null;

    /** @var array<string, SourceChoice> by scope */
    private array $choices = [];

    /** @var array<string, Entry> who last took a verdict upon himself, by verdict */
    private array $accepted = [];

    public function __construct(private readonly EngineSheet $sheet, private readonly Thicknesses $thicknesses)
    {
    }

    public function decide(BoreDecided $decided, string $by): void
    {
        $this->bores[$decided->cylinder] = $decided;
        $this->deciders[$decided->cylinder] = $by;
    }

    /** @param  array<string, BoreJob>  $bores  by cylinder */
    public function foresee(array $bores): void
    {
        $this->foreseen = $bores;
    }

    public function place(GapsPlaced $placed): void
    {
        $this->gaps[$placed->cylinder] = $placed;
    }

    public function pair(PistonsPaired $paired): void
    {
        $this->pairs = $paired;
    }

    public function choose(string $scope, SourceChoice $choice): void
    {
        $this->choices[$scope] = $choice;
    }

    public function accept(string $verdict, Entry $entry): void
    {
        $this->accepted[$verdict] = $entry;
    }

    public function acceptanceOf(string $verdict): ?Entry
    {
        return $this->accepted[$verdict] ?? null;
    }

    public function onBore(string $cylinder): ?BoreDecided
    {
        return $this->bores[$cylinder] ?? null;
    }

    /** @return array<string, BoreJob> what was decided, by cylinder */
    public function boreJobs(): array
    {
        return array_map(static fn (BoreDecided $decided): BoreJob => $decided->job, $this->bores) + $this->foreseen;
    }

    public function deciderOf(string $cylinder): ?string
    {
        return $this->deciders[$cylinder] ?? null;
    }

    public function gapsOf(string $cylinder): ?GapsPlaced
    {
        return $this->gaps[$cylinder] ?? null;
    }

    /** @return array<string, string> which piston goes into which bore, as somebody chose */
    public function pairs(): array
    {
        return $this->pairs->pairs ?? [];
    }

    /** @return array<string, SourceChoice> by scope */
    public function choices(): array
    {
        return $this->choices;
    }

    /** @return list<string> what a step takes: its one-use parts, and what a decision on its bore asks for */
    public function partsOf(Step $step): array
    {
        $laid = $this->thicknesses->decidedAt($step->effect->joint->settles ?? '');
        if ($laid !== null && $step->effect->parts !== []) {
            return array_values(array_unique($laid->names()));
        }
        $cylinder = $this->sheet->cylinder($step->place->cylinder ?? '');
        $decided = $step->effect->decides === Decision::PartsOfBore && $cylinder !== null ? $this->onBore($cylinder->id) : null;
        $of = $cylinder !== null && $this->sheet->layout->hasSeveral() ? ', '.$cylinder->name : '';

        return match ($decided?->job) {
            BoreJob::Piston => [...$step->effect->parts, rtrim(PartKind::Piston->value.' '.$decided->size).$of],
            BoreJob::Rebore => [...$step->effect->parts, PartKind::Piston->value.' '.$decided->size.$of],
            BoreJob::Replace => [...$step->effect->parts, PartKind::Barrel->value.$of],
            default => $step->effect->parts,
        };
    }
}
