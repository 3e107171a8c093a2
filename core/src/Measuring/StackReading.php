<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;

/**
 * A distance between crown, deck and head as it was read at one point: a figure, leaves under a bridge, a bridge that rocks
 * on the crown (proud by an unknown amount), a wire that was not crushed (at least the wire). What is one-sided is an
 * interval with an open end, never a zero. Source: shop practice.
 */
final readonly class StackReading
{
    /** What a document may say of it instead of a figure. */
    public const KEYS = ['passes', 'refuses', self::ROCKS, self::UNCRUSHED];

    /** The bridge stands on the crown and rocks: read over a deck only. */
    public const ROCKS = 'lifts';

    /** The wire came out as thick as it went in: read in a squish only. */
    public const UNCRUSHED = 'uncrushed';

    private const LONGEST = 400;

    private function __construct(
        private string $typed,
        private ?Length $figure,
        private ?FeelerBracket $leaves = null,
        private ?Length $wire = null,
    ) {
    }

    /**
     * @param  string|null  $oneSided  which one-sided outcome there is: ROCKS, which lets a figure be negative too, or UNCRUSHED
     *
     * @throws Refusal by the whole path of what cannot be
     */
    public static function read(Fields $at, string $key, ?string $oneSided): self
    {
        if ($at->has($key) && ! is_object($at->raw($key))) {
            $figure = $oneSided === self::ROCKS ? $at->signedLength($key) : $at->length($key);

            return new self($at->text($key, self::LONGEST), $figure);
        }
        $said = $at->required($key, 'a length such as 0.12 mm, or what the leaves say')
            ->object($key, ...array_filter(['passes', 'refuses', $oneSided]));
        $isBracket = $said->has('passes') || $said->has('refuses');
        if ($oneSided !== null && $said->has($oneSided)) {
            if ($isBracket) {
                throw $said->placed(ContradictoryFields::excluded($oneSided, $said->raw($oneSided),
                    'A point is read in one way.', 'either leaves or '.$oneSided), '');
            }

            return self::oneSided($said, $oneSided);
        }
        [$passes, $refuses] = [$said->sizeOrNull('passes'), $said->sizeOrNull('refuses')];
        $text = array_map(static fn (string $how): ?string => $said->has($how) ? $said->text($how).' '.$how : null, ['passes', 'refuses']);

        return new self(implode(', ', array_filter($text)), null,
            $said->placing(static fn (): FeelerBracket => FeelerBracket::of($passes, null, $refuses)));
    }

    private static function oneSided(Fields $said, string $how): self
    {
        if ($how === self::UNCRUSHED) {
            return new self('not crushed, '.$said->text($how, self::LONGEST), null, null, $said->length($how));
        }
        if (! $said->flag($how)) {
            throw $said->placed(MalformedDocument::wrongSort(false, 'true, or leave it out'), $how);
        }

        return new self('the bridge rocks', null);
    }

    /** The figure, where it was read outright. */
    public function plain(): ?Length
    {
        return $this->figure;
    }

    /** As it was typed: "0.20 mm passes, 0.25 mm refuses". */
    public function text(): string
    {
        return $this->typed;
    }

    /** @param  int|float  $doubt  of a plain figure, in nanometres; leaves and wires have theirs in them */
    public function interval(int|float $doubt): Interval
    {
        return match (true) {
            $this->figure !== null => Interval::around($this->figure->nanometres, $doubt),
            $this->leaves !== null => $this->leaves->interval(),
            $this->wire !== null => Interval::bracket($this->wire->nanometres, null),
            default => Interval::under(0),
        };
    }

    /** Large and short: "0.30", "0.20–0.25", "under 0", "over 1.00". */
    public function shown(): string
    {
        $short = static fn (Length $length): string => number_format($length->quantity()['value'], 2, '.', '');

        return match (true) {
            $this->figure !== null => $short($this->figure),
            $this->leaves?->high !== null => $short($this->leaves->low).'–'.$short($this->leaves->high),
            $this->leaves !== null => 'over '.$short($this->leaves->low),
            $this->wire !== null => 'over '.$short($this->wire),
            default => 'proud',
        };
    }
}
