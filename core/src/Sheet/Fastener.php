<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;

/** A bolt, nut or stud of one joint, where it sits as seen from above: x to the right, y up, on the joint's own axes. */
final readonly class Fastener
{
    public const KEYS = [
        'id', 'slab', 'x', 'y', 'thread', 'length', 'class', 'washer', 'hand', 'kind', 'one_use', 'thread_is', 'face_is', 'group',
        'pulled_in', 'reached', 'owed_until',
    ];

    /**
     * @param  string  $group  the fasteners that one programme pulls; the joint's id where there is but one
     * @param  string  $step  in which step of the plan it is pulled
     * @param  string|null  $threadIs  dry, oiled, greased, with threadlocker, as the maker states
     * @param  string|null  $faceIs  the same of the seating face
     * @param  string|null  $owedUntil  what has to be there before it can have its torque
     */
    private function __construct(
        public string $id,
        public string $slab,
        public Length $x,
        public Length $y,
        public string $thread,
        public ?Length $length,
        public ?string $class,
        public ?string $washer,
        public bool $leftHand,
        public string $kind,
        public bool $oneUse,
        public ?string $threadIs,
        public ?string $faceIs,
        public string $group,
        public string $step,
        public Reached $reached,
        public ?string $owedUntil,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $slab = $fields->text('slab', 60);
        $step = $fields->textOrNull('pulled_in', 80) ?? self::pullOf($slab);

        return new self(
            $fields->text('id', 20), $slab, $fields->signedLength('x'), $fields->signedLength('y'),
            $fields->text('thread', 20), $fields->sizeOrNull('length'), $fields->textOrNull('class', 20), $fields->textOrNull('washer', 60),
            $fields->has('hand') && $fields->word('hand', 'left', 'right') === 'left', $fields->textOrNull('kind', 20) ?? 'bolt',
            $fields->flag('one_use'), $fields->textOrNull('thread_is', 60), $fields->textOrNull('face_is', 60),
            $fields->textOrNull('group', 80) ?? ($step === self::pullOf($slab) ? $slab : $step), $step,
            $fields->choiceOrNull('reached', Reached::class) ?? Reached::Straight, $fields->textOrNull('owed_until', 160),
        );
    }

    /** The step in which a slab's own fasteners are pulled. */
    public static function pullOf(string $slab): string
    {
        return 'pull.'.$slab;
    }

    /** "thread oiled, face dry"; nothing where nobody states it. */
    public function condition(): string
    {
        return implode(', ', [
            ...$this->threadIs === null ? [] : ['thread '.$this->threadIs],
            ...$this->faceIs === null ? [] : ['face '.$this->faceIs],
            ...$this->washer === null ? [] : ['washer '.$this->washer],
        ]);
    }

    /**
     * As a document states it.
     *
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        $length = static fn (Length $length): string => $length->quantity()['value'].' mm';

        return [
            'id' => $this->id, 'slab' => $this->slab, 'x' => $length($this->x), 'y' => $length($this->y), 'thread' => $this->thread,
            ...array_filter([
                'length' => $this->length === null ? null : $length($this->length), 'class' => $this->class, 'washer' => $this->washer,
                'hand' => $this->leftHand ? 'left' : null, 'kind' => $this->kind === 'bolt' ? null : $this->kind,
                'thread_is' => $this->threadIs, 'face_is' => $this->faceIs, 'owed_until' => $this->owedUntil,
                'reached' => $this->reached === Reached::Straight ? null : $this->reached->value,
            ], static fn (?string $said): bool => $said !== null),
            ...$this->oneUse ? ['one_use' => true] : [],
            'group' => $this->group, 'pulled_in' => $this->step,
        ];
    }
}
