<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Sheet\School;

/** A machine was taken in: how it came, what is complained of, and by whose habits the shop works. */
final readonly class JobOpened implements Kind
{
    use Ordinary;

    /** @param  array<string, string>  $habits  the shop's schools on that day, by matter */
    private function __construct(private JobCondition $condition, public string $complaint, private array $habits)
    {
    }

    public static function name(): string
    {
        return 'job_opened';
    }

    public static function keys(): array
    {
        return ['condition', 'complaint', 'schools'];
    }

    public static function read(Fields $payload): self
    {
        return new self(
            $payload->choice('condition', JobCondition::class),
            $payload->textOrNull('complaint') ?? '',
            $payload->has('schools') ? School::read($payload->named('schools')) : [],
        );
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->closing->open($this->complaint);
        if ($this->habits !== []) {
            $totals->schools->takeOver($this->habits);
            $totals->replan();
        }
        $totals->slabs->comeIn($this->condition === JobCondition::Apart);
        if ($this->condition === JobCondition::Apart) {
            $totals->progress->cameApart($entry);
        }
    }

    public function words(BuildState $state): string
    {
        $came = $this->condition === JobCondition::Whole ? 'Job opened, engine whole' : 'Job opened, top end apart';

        return $came.($this->complaint === '' ? '' : ': '.$this->complaint);
    }
}
