<?php

namespace Moltrek\Core\Document;

use Moltrek\Core\Refusal\Refusal;

/** What may stand at one key of a document: how it is read, and how it is described to who sends it. */
interface Key
{
    /** @throws Refusal at the key, also where nothing stands there */
    public function read(Fields $in, string $key): mixed;

    /** @throws Refusal at the key; null where nothing stands there */
    public function readOrNull(Fields $in, string $key): mixed;

    /** @return array<string, mixed> a JSON Schema; `x-enum` names the class whose cases are meant, `x-document` the one that states it */
    public function schema(): array;
}
