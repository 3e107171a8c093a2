<?php

namespace Moltrek\Core\Log\Fitting;

use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Fitting\Assessor;
use Moltrek\Core\Fitting\BoreAdvice;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Log\Measuring\Readings;
use Moltrek\Core\Measuring\BoreMap;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;

/** What the readings of a build come to. */
final class Verdicts
{
    /** @var array<string, Assessment>|null */
    private ?array $all = null;

    /** @param  array<string, Spot>  $spots */
    public function __construct(
        private readonly EngineSheet $sheet,
        private readonly array $spots,
        private readonly Readings $readings,
        private readonly Decisions $decisions,
    ) {
    }

    /** @return array<string, Assessment> by id, in the order of the spots */
    public function all(): array
    {
        return $this->all ??= $this->assessor()->all();
    }

    public function of(string $id): ?Assessment
    {
        return $this->all()[$id] ?? null;
    }

    /** The limit that rules, whether anything has been read or not. */
    public function limitOf(string $id): ?Limit
    {
        return $this->of($id)?->subject->source->limit;
    }

    /** @return list<string> what a choice of source may be made for */
    public function scopes(): array
    {
        return array_values(array_unique(array_map(
            static fn (Assessment $each): string => $each->subject->scope,
            array_values($this->all()),
        )));
    }

    /** The bore of a cylinder as far as it has been read. */
    public function boreMap(Cylinder $cylinder): ?BoreMap
    {
        return $this->assessor()->map($cylinder);
    }

    /** What the bore of a cylinder should have done to it. */
    public function boreAdvice(Cylinder $cylinder): BoreAdvice
    {
        $unread = array_filter($this->spots, fn (Spot $spot): bool => $spot->is('bore')
            && $spot->at->cylinder === $cylinder && $this->readings->at($spot->id) === null);

        $state = fn (string $quantity): ?State => $this->of($quantity.'.'.$cylinder->id)?->verdict?->state;
        $shape = array_filter([$state('out_of_round'), $state('taper')],
            static fn (?State $found): bool => in_array($found, [State::Out, State::Unsure], true));

        return BoreAdvice::on(
            $this->sheet,
            $unread === [] ? $this->boreMap($cylinder) : null,
            $this->readings->at('piston.'.$cylinder->id)?->size(),
            $this->limitOf('piston_clearance.'.$cylinder->id),
            $shape === [],
            in_array($state('piston_clearance'), [State::Within, State::Worn], true),
        );
    }

    private function assessor(): Assessor
    {
        return new Assessor($this->sheet, $this->spots, $this->readings->all(), $this->decisions->choices());
    }
}
