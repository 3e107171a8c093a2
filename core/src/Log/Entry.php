<?php

namespace Moltrek\Core\Log;

use DateTimeImmutable;
use Moltrek\Core\Refusal\Refusal;

/** One thing that happened, as the log keeps it for ever: what is said of it was read once. */
final readonly class Entry
{
    public function __construct(
        public string $id,
        public Kind $said,
        public DateTimeImmutable $at,
        public string $by,
    ) {
    }

    /** As it stands in a log: what this version cannot read is kept and has no effect. */
    public static function stored(string $id, string $kind, mixed $payload, DateTimeImmutable $at, string $by): self
    {
        $class = Kinds::named($kind);
        if ($class === null) {
            return new self($id, new Unreadable($kind), $at, $by);
        }
        try {
            return new self($id, Kinds::read($class, $payload), $at, $by);
        } catch (Refusal) {
            return new self($id, new Unreadable($kind), $at, $by);
        }
    }

    /**
     * Whether it is folded after another: it happened later, or at once and its id is greater. A job was opened before all
     * else, whatever the clocks said.
     */
    public function isAfter(self $other): bool
    {
        $opening = ($other->said instanceof JobOpened) <=> ($this->said instanceof JobOpened);

        return ($opening ?: $this->at <=> $other->at ?: strcmp($this->id, $other->id)) > 0;
    }

    public function kind(): string
    {
        return $this->said instanceof Unreadable ? $this->said->kind : $this->said::name();
    }

    public function photo(): ?string
    {
        return $this->said instanceof HasPhoto ? $this->said->photo() : null;
    }
}
