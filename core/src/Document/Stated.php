<?php

namespace Moltrek\Core\Document;

/** A document that is what its constructor takes: from it come keys, reader and description. */
trait Stated
{
    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::ofConstructor(self::class);
    }

    public static function read(Fields $payload): self
    {
        return self::payload()->make(self::class, $payload);
    }
}
