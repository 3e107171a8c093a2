<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\School;

/** A matter on which good mechanics differ is done this way here. */
final readonly class SchoolChosen implements Kind
{
    private function __construct(public string $matter, public string $school, public ?string $reason)
    {
    }

    public static function name(): string
    {
        return 'school_chosen';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['matter' => new Text(60), 'school' => new Text(80)],
            ['reason' => new Text(300)],
        );
    }

    public static function read(Fields $payload): self
    {
        $matter = $payload->text('matter', 60);
        $options = array_keys((School::all()[$matter]
            ?? throw $payload->placed(
                MalformedDocument::wrongSort($matter, 'one of '.implode(', ', array_keys(School::all()))),
                'matter',
            ))->options);
        $school = $payload->text('school', 80);
        if (! in_array($school, $options, true)) {
            throw $payload->placed(MalformedDocument::wrongSort($school, 'one of '.implode(', ', $options)), 'school');
        }

        return new self($matter, $school, $payload->textOrNull('reason', 300));
    }

    public function admit(Before $before): void
    {
        if ($before->state()->work->isSettled($this->matter)) {
            throw ContradictoryFields::excluded(
                'matter',
                $this->matter,
                'What this matter changes has been done.',
                'a matter whose steps are open',
            );
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->schools->choose($this);
        $totals->replan();
    }

    public function words(BuildState $state): string
    {
        return School::all()[$this->matter]->question.': '.$this->school.($this->reason === null
            || $this->reason === '' ? '' : ', '.$this->reason);
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Decision;
    }
}
