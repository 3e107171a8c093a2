<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Choice;
use Moltrek\Core\Document\Key\Choices;
use Moltrek\Core\Document\Key\Odd;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Texts;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\School;

/** A machine was taken in: how it came, what is complained of, and by whose habits the shop works. */
final readonly class JobOpened implements Kind
{
    use Ordinary;

    /**
     * @param  array<string, string>  $habits  the shop's schools on that day, by matter
     * @param  non-empty-list<Errand>|null  $errands  what it is brought for; null where nobody said
     * @param  list<string>  $off  slabs that somebody had taken off before it came
     */
    private function __construct(
        private JobCondition $condition,
        public string $complaint,
        private array $habits,
        private ?array $errands,
        private array $off,
    ) {
    }

    public static function name(): string
    {
        return 'job_opened';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['condition' => new Choice(JobCondition::class)],
            [
                'complaint' => new Text,
                'schools' => new Odd(['type' => 'object', 'additionalProperties' => (new Text)->schema()]),
                'errands' => new Choices(Errand::class), 'off' => new Texts,
            ],
        );
    }

    public static function read(Fields $payload): self
    {
        return new self(
            $payload->choice('condition', JobCondition::class),
            $payload->textOrNull('complaint') ?? '',
            $payload->has('schools') ? School::read($payload->named('schools')) : [],
            $payload->has('errands') ? Errand::listIn($payload, null) : null,
            $payload->texts('off'),
        );
    }

    public function admit(Before $before): void
    {
        Errand::refuseOthers($this->errands ?? [], $before->sheet);
        foreach ($this->off as $index => $slab) {
            if (($before->sheet->heightOf($slab) ?? 0) === 0) {
                throw MalformedDocument::wrongSort($slab, 'a slab of this engine above the cases')->under("off.$index");
            }
        }
        $before->refuseSecondOpening();
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->closing->open($this->complaint);
        $totals->schools->takeOver($this->habits);
        if ($this->errands !== null) {
            $totals->brief->isFor(Errand::suited($this->errands, $totals->sheet));
        }
        $totals->replan();
        $totals->comeIn($this->condition === JobCondition::Apart
            || $totals->brief->errands() === [Errand::PutTogether], $this->off, $entry);
    }

    public function words(BuildState $state): string
    {
        $came = match (true) {
            $this->condition === JobCondition::Apart => 'Job opened, top end apart',
            $this->off !== [] => 'Job opened, already off: '.implode(', ',
                array_map(static fn (string $slab): string => lcfirst($state->sheet->stack->named($slab)->name ?? $slab), $this->off)),
            default => 'Job opened, engine whole',
        };
        $came .= $this->errands === null || $this->errands === [Errand::TopEnd]
            ? '' : ', for '.implode(', ', array_column($this->errands, 'value'));

        return $came.($this->complaint === '' ? '' : ': '.$this->complaint);
    }
}
