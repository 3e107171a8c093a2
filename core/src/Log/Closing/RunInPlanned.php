<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Many;
use Moltrek\Core\Document\Key\Number;
use Moltrek\Core\Document\Key\Odd;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\Recheck;
use Moltrek\Core\Sheet\RunInStage;

/** The run-in sheet was made out: hours with the throttle held back, the mixture, what is looked at again and when. */
final readonly class RunInPlanned implements Kind
{
    /** Hours. */
    private const WEEK = 168;

    /**
     * @param  list<RunInStage>  $stages
     * @param  list<Recheck>  $rechecks
     */
    private function __construct(
        public float $hoursPerWeek,
        public array $stages,
        public array $rechecks,
        public ?float $ratio,
        public ?float $ratioAfter,
        public string $note,
    ) {
    }

    public static function name(): string
    {
        return 'run_in_planned';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['hours_per_week' => new Number],
            [
                'stages' => new Many(RunInStage::class), 'rechecks' => new Many(Recheck::class),
                'mixture' => new Odd(Payload::of(['ratio' => new Number], ['after' => new Number])->schema()),
                'note' => new Text(500),
            ],
        );
    }

    public static function read(Fields $payload): self
    {
        $stages = array_map(RunInStage::read(...), $payload->objects('stages', ...RunInStage::payload()->names()));
        $mixture = $payload->objectOrNull('mixture', 'ratio', 'after');
        $perWeek = $payload->number('hours_per_week');
        if ($perWeek > self::WEEK) {
            throw $payload->placed(MalformedDocument::wrongSort($perWeek, 'at most 168 hours in a week'), 'hours_per_week');
        }

        return new self($perWeek, $stages, array_map(Recheck::read(...), $payload->objects('rechecks', ...Recheck::payload()->names())),
            $mixture?->number('ratio'), $mixture !== null && $mixture->has('after') ? $mixture->number('after') : null,
            $payload->textOrNull('note', 500) ?? '');
    }

    public function admit(Before $before): void
    {
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->runIn->plan($entry);
        $totals->finishReady(RunningIn::SHEET, $entry);
    }

    public function words(BuildState $state): string
    {
        $hours = array_map(static fn (RunInStage $stage): float => $stage->until, $this->stages);

        return 'Run-in sheet made out'.($hours === [] ? '' : ': '.max($hours).' h').($this->rechecks === [] ? '' : ', '
            .implode(', ', array_map(static fn (Recheck $recheck): string => lcfirst($recheck->what).' '.$recheck->when(),
                $this->rechecks)));
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Decision;
    }
}
