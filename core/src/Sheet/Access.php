<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** A constraint of order or access, with its reason: what stops a step says why. */
final readonly class Access
{
    public const KEYS = ['kind', 'first', 'then', 'what', 'why', 'where'];

    /**
     * @param  string  $first  the step that comes first, by the beginning of its id; empty where there is none
     * @param  string  $then  the step that shuts it in, or lifts it
     * @param  string  $what  what is looked at or held; empty for an order of two steps
     * @param  Worked|null  $where  null where it holds on the bench and in the frame
     */
    public function __construct(
        public AccessKind $kind,
        public string $first,
        public string $then,
        public string $what,
        public string $why,
        public ?Worked $where = null,
    ) {
    }

    /** @throws MalformedDocument for a key that its kind does not name, or that it needs and lacks */
    public static function read(Fields $fields): self
    {
        $kind = $fields->choice('kind', AccessKind::class);
        foreach (array_diff(['first', 'what'], $kind->keys()) as $key) {
            if ($fields->has($key)) {
                throw $fields->placed(ContradictoryFields::excluded($key, $fields->raw($key),
                    'What is "'.$kind->value.'" names no such thing.', 'nothing'));
            }
        }
        if (array_filter($kind->keys(), $fields->has(...)) === []) {
            $needed = $kind->keys()[0];
            throw $fields->placed(MalformedDocument::missing(
                $needed,
                $needed === 'first' ? 'the step that comes first' : 'what is looked at or held',
            ));
        }

        return new self(
            $kind,
            $fields->textOrNull('first', 80) ?? '',
            $fields->text('then', 80),
            $fields->textOrNull('what', 120) ?? '',
            $fields->text('why', 200),
            $fields->choiceOrNull('where', Worked::class),
        );
    }

    /** "cannot be reached after: the bore is washed over open cases otherwise". */
    public function sentence(): string
    {
        return ucfirst($this->kind->value).': '.lcfirst($this->why);
    }
}
