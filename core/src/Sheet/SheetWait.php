<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;

/** A wait: how long, after which step it begins or which step it holds, and whether a person must see that it is over. */
final readonly class SheetWait
{
    public const KEYS = ['id', 'name', 'time', 'after', 'seen_by_person'];

    private function __construct(
        public string $id,
        public string $name,
        public int $seconds,
        public string $after,
        public ?string $seen,
        public string $holds = '',
    ) {
    }

    /** One that a person began on the bench; it holds the step that was named. */
    public static function begun(string $id, string $name, int $seconds, ?string $seen, string $holds): self
    {
        return new self($id, $name, $seconds, '', $seen, $holds);
    }

    /** The same wait, begun by this step. */
    public function begunBy(string $step): self
    {
        return new self($this->id, $this->name, $this->seconds, $step, $this->seen, $this->holds);
    }

    /** Whether another is the same wait at another place: begun by the same step, as long, and over when the same is seen. */
    public function isOneWith(self $other): bool
    {
        return $this->seen !== null && $this->after !== ''
            && [$this->after, $this->seconds, $this->seen] === [$other->after, $other->seconds, $other->seen];
    }

    /** Both in one: "Left lifters bleeding down" and "Right lifters bleeding down" are "Left and right lifters bleeding down". */
    public function with(self $other): self
    {
        [$own, $others] = [explode(' ', $this->name), explode(' ', lcfirst($other->name))];
        $shared = [];
        while (count($own) > 1 && count($others) > 1 && end($own) === end($others)) {
            array_unshift($shared, array_pop($own));
            array_pop($others);
        }
        $name = implode(' ', [...$own, 'and', ...$others, ...$shared]);

        return new self($this->id, $name, $this->seconds, $this->after, $this->seen, $this->holds);
    }

    /**
     * Whether it stands between a step and being done: it runs after one that the step needs, or holds the step by name.
     *
     * @param  list<string>  $needs
     */
    public function isFor(string $step, array $needs): bool
    {
        return in_array($this->after, $needs, true) || ($this->holds !== '' && $this->holds === $step);
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('id', 60),
            $fields->text('name', 120),
            (int) round($fields->positive('time', Dimension::Time)),
            $fields->text('after', 80),
            $fields->textOrNull('seen_by_person', 120),
        );
    }
}
