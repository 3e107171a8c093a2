<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Log\Entry;

/** How a job came in and how it goes out: the complaint, what stays open, the hand-over. */
final class Closing
{
    private string $complaint = '';

    /** @var list<string> */
    private array $openEnds = [];

    private ?Entry $handedOver = null;

    public function open(string $complaint): void
    {
        $this->complaint = $complaint;
    }

    public function leaveOpen(string $what): void
    {
        $this->openEnds[] = $what;
    }

    public function handOver(Entry $entry): void
    {
        $this->handedOver = $entry;
    }

    public function complaint(): string
    {
        return $this->complaint;
    }

    /** @return list<string> what stays open when the machine goes out */
    public function openEnds(): array
    {
        return $this->openEnds;
    }

    public function handedOver(): ?Entry
    {
        return $this->handedOver;
    }
}
