<?php

namespace Moltrek\Core\Log\Fitting;

use Moltrek\Core\Fitting\MarkPlace;
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Sheet\EngineSheet;

/** The makers' marks that have been read. */
final class Marks
{
    /** @var array<string, string> by place */
    private array $marks = [];

    public function read(string $place, string $mark): void
    {
        $this->marks[$place] = $mark;
    }

    public function at(string $place): ?string
    {
        return $this->marks[$place] ?? null;
    }

    public function undo(Undone $undone, EngineSheet $sheet): void
    {
        foreach ($this->marks === [] ? [] : MarkPlace::on($sheet) as $id => $place) {
            if ($undone->wipes($place)) {
                unset($this->marks[$id]);
            }
        }
    }
}
