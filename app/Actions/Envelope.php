<?php

namespace App\Actions;

use DateTimeImmutable;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Kinds;
use Moltrek\Core\Refusal\MalformedDocument;
use stdClass;

/** An entry as it is sent: its id, its kind, when it happened by the sender's clock, and how far that clock was out when it was typed. */
final readonly class Envelope
{
    private const UUID = '/^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/D';

    /** A clock is not further out than this: a hundred years, in milliseconds. */
    private const FURTHEST = 100 * 366 * 86_400_000;

    /** Clocks that differ by less than this are taken as the same, in milliseconds. */
    private const SAME = 1_000;

    private function __construct(public Fields $fields, public string $id)
    {
    }

    public static function of(stdClass $sent): self
    {
        $fields = Fields::of($sent, 'id', 'kind', 'happened_at', 'clock_offset', 'payload');
        $id = $fields->text('id', 60);
        if (! self::isId($id)) {
            throw $fields->placed(MalformedDocument::wrongSort($id, 'a UUID in lower case'), 'id');
        }

        return new self($fields, $id);
    }

    public static function isId(mixed $id): bool
    {
        return is_string($id) && preg_match(self::UUID, $id) === 1;
    }

    /** @return class-string<Kind> */
    public function kind(): string
    {
        return Kinds::in($this->fields, 'kind');
    }

    /**
     * When it happened by the shop's clock: the sender's time put right by how far its clock was out when it was typed, else
     * by how far it is out now. Nothing happens after it is recorded.
     */
    public function happenedAt(int $offsetNow, DateTimeImmutable $now): DateTimeImmutable
    {
        $at = $this->fields->instant('happened_at');
        $offset = $this->fields->has('clock_offset') ? $this->fields->whole('clock_offset', -self::FURTHEST, self::FURTHEST) : $offsetNow;
        $right = abs($offset) < self::SAME ? $at : $at->modify(sprintf('%+d milliseconds', $offset));

        return min($right, $now);
    }
}
