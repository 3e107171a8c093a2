<?php

namespace Moltrek\Core\Log\Fitting;

use Moltrek\Core\Judgement\State;

/** An entry by which somebody takes verdicts upon himself. */
interface Accepts
{
    public function accepts(?State $state): bool;

    public function reason(): string;
}
