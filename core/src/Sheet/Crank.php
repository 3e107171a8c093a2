<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** The crank: its bearings and journals, and how it is turned by hand. */
final readonly class Crank
{
    public const KEYS = ['bearings', 'mains', 'turned_by', 'direction', 'turning_back', 'rods', 'small_end', 'runs', 'seen_from'];

    /**
     * @param  list<string>  $mains  names of the main journals
     * @param  bool|null  $smallEndCage  whether the small end runs on needles in a cage; null where the sheet does not say
     */
    private function __construct(
        public bool $plain,
        public array $mains,
        public ?string $turnedBy,
        public ?string $direction,
        public ?string $turningBack,
        public ?bool $splitRods,
        public ?bool $smallEndCage,
        private ?Rotation $runs,
        private ?string $seenFrom,
    ) {
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('bearings', 20) === 'plain',
            $fields->texts('mains'),
            $fields->textOrNull('turned_by', 80),
            $fields->textOrNull('direction', 120),
            $fields->textOrNull('turning_back', 120),
            $fields->has('rods') ? $fields->word('rods', 'whole', 'split') === 'split' : null,
            $fields->has('small_end') ? $fields->word('small_end', 'cage', 'bush') === 'cage' : null,
            $fields->choiceOrNull('runs', Rotation::class),
            $fields->textOrNull('seen_from', 60),
        );
    }

    /** Seen from where the sheet looks at it; a machine that rolls forward turns clockwise for who stands on its right. */
    public function runs(): Rotation
    {
        $said = strtolower(strtok($this->direction ?? '', ' ,') ?: '');

        return $this->runs ?? Rotation::tryFrom($said) ?? Rotation::Clockwise;
    }

    /** From where: "the right". */
    public function seenFrom(): string
    {
        $said = explode('seen from ', $this->direction ?? '')[1] ?? null;

        return $this->seenFrom ?? $said ?? 'the right';
    }

    /** Whether turning it against its running direction does no harm. */
    public function mayTurnBack(): bool
    {
        return strtolower(strtok($this->turningBack ?? '', ' ,:') ?: '') !== 'harmful';
    }
}
