<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\Leaf;
use Moltrek\Core\Quantity\Length;

/** What was read at a spot, as the tool said it, with the tools it was read and set with. */
final readonly class Reading
{
    public const KEYS = ['spot', 'reading', 'tool', 'set_with', 'kept'];

    private function __construct(
        public Spot $spot,
        public ?BoreReading $diameter,
        public ?FeelerBracket $bracket,
        public ?Tool $tool,
        public ?Tool $setWith,
        public string $text,
    ) {
    }

    public static function read(Fields $payload, Spot $spot): self
    {
        $tool = $payload->objectOrNull('tool', ...Tool::KEYS);
        $setWith = $payload->objectOrNull('set_with', ...Tool::KEYS);
        $tool = $tool === null ? null : Tool::read($tool);
        $setWith = $setWith === null ? null : Tool::read($setWith);

        if ($spot->quantity->form() === EntryForm::Leaves) {
            $leaves = $payload->object('reading', ...FeelerBracket::KEYS);
            $shelf = array_map(static fn (Leaf $leaf): Length => $leaf->thickness, self::leavesOf($tool));

            return new self($spot, null, FeelerBracket::read($leaves, $shelf), $tool, null, self::leavesText($leaves));
        }
        if ($spot->quantity->form() === EntryForm::Direct) {
            return new self($spot, BoreReading::direct($payload->size('reading')), null, $tool, null, $payload->text('reading'));
        }
        $diameter = BoreReading::read($payload, 'reading');

        return new self($spot, $diameter, null, $tool, $diameter->isDeviation() ? $setWith : null, self::diameterText($payload));
    }

    /** @return list<Leaf> the leaves of the set it was read with */
    public function shelf(): array
    {
        return self::leavesOf($this->tool);
    }

    /** The size read, or the lower bound the leaves give. */
    public function size(): Length
    {
        return $this->diameter->diameter ?? $this->bracket->low ?? Length::zero();
    }

    /** @return list<Leaf> */
    private static function leavesOf(?Tool $tool): array
    {
        return array_map(static fn (string $text): Leaf => new Leaf(Length::of($text), $text), $tool->leaves ?? []);
    }

    private static function leavesText(Fields $leaves): string
    {
        $parts = array_map(static fn (string $how): ?string => $leaves->has($how) ? $leaves->text($how).' '.$how : null, FeelerBracket::KEYS);

        return implode(', ', array_filter($parts));
    }

    private static function diameterText(Fields $payload): string
    {
        if ($payload->isText('reading')) {
            return $payload->text('reading');
        }
        $gauge = $payload->object('reading', 'setting', 'deviation');

        return $gauge->text('deviation').' from '.$gauge->text('setting');
    }
}
