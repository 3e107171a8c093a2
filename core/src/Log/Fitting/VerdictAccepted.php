<?php

namespace Moltrek\Core\Log\Fitting;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/**
 * Somebody takes a verdict that is out or too close upon himself, for a reason. It holds for the readings that were there:
 * read again, or judged otherwise, it is asked anew.
 */
final readonly class VerdictAccepted implements Accepts, Kind
{
    use Stated;

    private function __construct(
        #[Text(120)] public string $verdict,
        public State $state,
        #[Text(300)] public string $reason,
    ) {
    }

    public static function name(): string
    {
        return 'verdict_accepted';
    }

    public function admit(Before $before): void
    {
        $assessment = $before->state()->verdicts->of($this->verdict)
            ?? throw MalformedDocument::wrongSort($this->verdict, 'something that is judged on this engine')->under('verdict');
        $stands = $assessment->verdict?->state;
        if ($stands !== $this->state || ! $assessment->asksForAName()) {
            throw ContradictoryFields::excluded('state', $this->state->value,
                'The verdict is now '.($stands->value ?? 'none: nothing has been read').'.',
                'the verdict as it stands, where it asks for a name');
        }
    }

    public function accepts(?State $state): bool
    {
        return $state === $this->state;
    }

    public function reason(): string
    {
        return $this->reason;
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->decisions->accept($this->verdict, $entry);
        $totals->reviewShims($entry);
    }

    public function words(BuildState $state): string
    {
        $name = $state->verdicts->of($this->verdict)->subject->name ?? $this->verdict;

        $although = match ($this->state) {
            State::Out => ' although out',
            State::Unsure => ' although too close to call',
            default => ' as asked about',
        };

        return 'Accepted'.$although.': '.lcfirst($name).', '.$this->reason;
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Waived;
    }
}
