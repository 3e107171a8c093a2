<?php

namespace Moltrek\Core\Document;

use Moltrek\Core\Refusal\Refusal;

/** What is read from a document that it states itself. */
interface Stating
{
    public static function payload(): Payload;

    /** @throws Refusal for a document that is not built so */
    public static function read(Fields $payload): self;
}
