<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Stating;
use Moltrek\Core\Refusal\Refusal;

/**
 * What can happen on the bench: one class a kind, with everything that is known of it. It is read once, admitted once on its
 * way in, and applied at every replay. A new kind is one class and one line in Kinds.
 */
interface Kind extends Stating
{
    /** As it is stored: "reading_taken". */
    public static function name(): string;

    /** @throws Refusal for a payload that is not built so */
    public static function read(Fields $payload): self;

    /** @throws Refusal for one that names what this engine has not, or whose turn has not come */
    public function admit(Before $before): void;

    public function apply(Totals $totals, Entry $entry): void;

    /** In the shop's words, for the slip and the record. */
    public function words(BuildState $state): string;

    /** Where the record lists it, beside the log. */
    public function inRecord(): ?RecordPart;
}
