<?php

namespace Moltrek\Core\Refusal;

use DomainException;

/**
 * Input that cannot be used, said so that a person can mend it: which field, what was read, what would be accepted.
 * The field is a dotted path with list indexes; whoever reads a document adds the part it knows with under().
 */
abstract class Refusal extends DomainException
{
    private const READ_LENGTH = 80;

    final public function __construct(
        public readonly string $field,
        string $message,
        public readonly string $read,
        public readonly string $allowed,
    ) {
        parent::__construct($message);
    }

    /** The same refusal, its field lying under this path. */
    public function under(string $path): static
    {
        $field = $this->field === '' ? $path : ($path === '' ? $this->field : $path.'.'.$this->field);

        return $this->at($field);
    }

    /** The same refusal of another field. */
    public function at(string $field): static
    {
        return new static($field, $this->getMessage(), $this->read, $this->allowed);
    }

    /** @return array{field: string, message: string, read: string, allowed: string} */
    public function toArray(): array
    {
        return ['field' => $this->field, 'message' => $this->getMessage(), 'read' => $this->read, 'allowed' => $this->allowed];
    }

    /** What was read, shortened to 80 characters: text as it is, anything else as JSON. */
    protected static function shown(mixed $read): string
    {
        $text = is_string($read) ? $read : json_encode(
            $read,
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR,
        );

        return mb_substr((string) preg_replace('/[\x00-\x1F\x7F]/', "\u{FFFD}", (string) $text), 0, self::READ_LENGTH);
    }
}
