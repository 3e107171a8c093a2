<?php

namespace App\Calculations;

use Moltrek\Core\Refusal\Refusal;

/** One named calculation of the open interface: a JSON object in, a JSON object out, the core in between. */
interface Calculation
{
    public function name(): string;

    /** What it answers, in a line. */
    public function about(): string;

    /** An object it takes, as JSON; the reference shows it with its answer. */
    public function example(): string;

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public function answer(mixed $document): array;
}
