<?php

namespace Moltrek\Core\Measuring\Form;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Measuring\CrownPoint;
use Moltrek\Core\Measuring\EntryForm;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Measuring\StackReading;
use Moltrek\Core\Refusal\MalformedDocument;
use stdClass;

/** A deck or a squish at several points of one crown, read in one go: both ends of the pin, front and rear, or fewer. */
final readonly class CrownPoints implements Form
{
    /** Where a crown is read, in the order of the hands: it rocks over its pin, so that front and rear say something else. */
    public const POINTS = ['front', 'rear', 'pin left', 'pin right'];

    /** A figure that was entered as one stands for the crown as a whole. */
    private const WHOLE = 'over the pin';

    /** How a cell of a file says what is no figure. */
    private const ROCKS = 'rocks';

    private const UNCRUSHED = '/^(?:not crushed,?|uncrushed) +(.+)$/D';

    private const LEAVES = '/^(?:(?<passes>[^,]+?) passes)?(?:, )?(?:(?<refuses>[^,]+?) refuses)?$/D';

    /** @param  non-empty-list<CrownPoint>  $points */
    private function __construct(private string $typed, public array $points)
    {
    }

    public static function read(Fields $payload, Spot $spot, array $shelf): self
    {
        $oneSided = $spot->form() === EntryForm::OverCrown ? StackReading::ROCKS : StackReading::UNCRUSHED;
        if ($payload->isText('reading')) {
            return self::of([new CrownPoint(self::WHOLE, StackReading::read($payload, 'reading', $oneSided))]);
        }
        $said = $payload->object('reading', ...self::POINTS);
        $points = [];
        foreach (self::POINTS as $at) {
            if ($said->has($at)) {
                $points[] = new CrownPoint($at, StackReading::read($said, $at, $oneSided));
            }
        }

        if ($points === []) {
            throw $payload->placed(MalformedDocument::wrongSort($payload->raw('reading'), 'one point at least'), 'reading');
        }

        return self::of($points);
    }

    /** @param  non-empty-list<CrownPoint>  $points */
    private static function of(array $points): self
    {
        $text = array_map(static fn (CrownPoint $point): string => $point->at === self::WHOLE ? $point->said->text()
            : $point->at.' '.$point->said->text(), $points);

        return new self(implode('; ', $text), $points);
    }

    public static function ofCells(array $cells): mixed
    {
        $said = Cells::filled($cells, self::columns());

        return get_object_vars($said) === [] ? Direct::ofCells($cells)
            : (object) array_map(self::ofCell(...), array_filter(get_object_vars($said), is_string(...)));
    }

    private static function ofCell(string $cell): string|stdClass
    {
        if (trim($cell) === self::ROCKS) {
            return (object) [StackReading::ROCKS => true];
        }
        if (preg_match(self::UNCRUSHED, $cell, $part) === 1) {
            return (object) [StackReading::UNCRUSHED => $part[1]];
        }
        $isLeaves = preg_match(self::LEAVES, $cell, $part, PREG_UNMATCHED_AS_NULL) === 1;

        return $isLeaves ? (object) array_filter(['passes' => $part['passes'], 'refuses' => $part['refuses'] ?? null]) : $cell;
    }

    public static function columns(): array
    {
        return self::POINTS;
    }

    public function text(): string
    {
        return $this->typed;
    }

    public function shown(): string
    {
        return implode(' · ', array_map(static fn (CrownPoint $point): string => $point->said->shown(), $this->points));
    }

    /** Whether any point was read outright, so that it hangs on the tool how far it may be out. */
    public function hasFigures(): bool
    {
        return array_filter($this->points, static fn (CrownPoint $point): bool => $point->said->plain() !== null) !== [];
    }

    /** It is judged point by point, by what is read. */
    public function interval(int|float $doubt): ?Interval
    {
        return null;
    }

    public function size(): null
    {
        return null;
    }

    public function figure(): null
    {
        return null;
    }
}
