<?php

namespace Moltrek\Core\Log\Measuring;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Flag;
use Moltrek\Core\Document\Key\Nested;
use Moltrek\Core\Document\Key\Odd;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Measuring\HeadHeld;
use Moltrek\Core\Measuring\Leaf;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Measuring\Tool;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;
use stdClass;

/** A tool was read at a place. A figure is never refused for being unlikely, only for being no figure. */
final class ReadingTaken implements Kind
{
    use Ordinary;

    private ?Reading $reading = null;

    private function __construct(public readonly string $spot, private readonly Fields $payload)
    {
    }

    public static function name(): string
    {
        return 'reading_taken';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['spot' => new Text(120), 'reading' => new Odd(['type' => ['string', 'object'], 'additionalProperties' => true])],
            [
                'tool' => new Text(60), 'set_with' => new Text(60), 'kept' => new Flag, 'again' => new Flag, 'state' => new Text,
                'from' => new Text, 'held' => new Nested(HeadHeld::class),
            ],
        );
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('spot', 120), $payload);
    }

    public function admit(Before $before): void
    {
        $spot = $before->spots[$this->spot]
            ?? throw MalformedDocument::wrongSort($this->spot, 'a measuring place of this engine')->under('spot');
        $this->payload->flag('kept');
        $this->payload->flag('again');
        Reading::read($this->payload, $spot);
        $tool = $this->payload->objectOrNull('tool', ...Tool::KEYS);
        if ($tool !== null) {
            Leaf::readAll($tool, 'leaves');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $takenIn = $totals->slabs->standing();
        if ($totals->readings->isOfCrown($this->spot)) {
            $totals->thicknesses->readAt($this->spot);
            $over = $totals->thicknesses->over($this->spot);
            $takenIn .= $over === '' ? '' : '; '.$over;
        }
        $totals->readings->take($entry, $this, $takenIn);
        if (str_starts_with($this->spot, 'valve_lash.')) {
            $totals->reviewShims($entry);
        }
    }

    /** Whether it was said to be a repeat of the one before: nothing was done to the part between. */
    public function isAgain(): bool
    {
        return $this->payload->raw('again') === true;
    }

    /** The reading as this place is read; null where a later sheet reads it in another form. */
    public function at(Spot $spot): ?Reading
    {
        if ($this->reading?->spot === $spot) {
            return $this->reading;
        }
        try {
            return $this->reading = Reading::read($this->payload, $spot);
        } catch (Refusal) {
            return null;
        }
    }

    /**
     * The parts of it as they were typed: "reading" for a plain figure, else by the form's own names.
     *
     * @return array<string, string>
     */
    public function typed(): array
    {
        $typed = $this->payload->raw('reading');
        $parts = [];
        foreach ($typed instanceof stdClass ? get_object_vars($typed) : ['reading' => $typed] as $name => $part) {
            if (is_string($part)) {
                $parts[(string) $name] = $part;
            }
        }

        return $parts;
    }

    public function words(BuildState $state): string
    {
        $spot = $state->spots[$this->spot] ?? null;

        return match (true) {
            $spot === null => 'Reading',
            $this->at($spot) === null => $spot->name,
            default => $spot->name.': '.$this->at($spot)->inFull(),
        };
    }
}
