<?php

namespace Moltrek\Core\Judgement;

use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\WrittenQuantity;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;

/**
 * A limit as a manual prints it: "0.05–0.08 mm (0.0020–0.0031 in), limit 0.12", "24 ± 2 N·m", "max 0.05", "0.4 mm or more". What
 * stands in brackets is the same in another unit, and is held against the first.
 */
final readonly class PrintedLimit
{
    private const NUMBER = '\d+(?:\.\d+)?|\.\d+';

    private const UNIT = '[a-z°µ·"%\/][a-z°µ·"%\/0-9-]*(?: [a-z]+)?';

    private const SERVICE = '/(?:,|;)?\s*(?:service|wear|repair)?\s*limit\s*:?\s*/iu';

    /** By so much two prints of one figure may differ: makers round to the thousandth of an inch. */
    private const ALIKE = 0.04;

    /** "0.004 in per inch of bore", "0.1 mm per 25 mm of bore". */
    private const PER_BORE = '/^(.*?),? (?:per|for (?:each|every)) ?((?:'.self::NUMBER.')?) ?(inch|in|mm|cm)'
        .'(?: of)?(?: the)?(?: cylinder)? bore(.*)$/iu';

    /**
     * @param  array<string, string>  $ends  min, max, service_min, service_max, or nominal alone, each with its unit
     * @param  string|null  $per  so much of bore has what the range says: a rule
     */
    private function __construct(public array $ends, private ?string $per = null)
    {
    }

    /** @throws MalformedDocument|ContradictoryFields at "text" */
    public static function read(string $text, Dimension $dimension): self
    {
        $plain = self::plain($text);
        if ($dimension === Dimension::Length && preg_match(self::PER_BORE, $plain, $found) === 1) {
            return self::rule($found[1], $found[2] === '' ? '1' : $found[2], $found[3], $found[4], $text);
        }
        preg_match_all('/\(([^)]*)\)/u', $plain, $found);
        $first = self::ends(trim((string) preg_replace('/ ?\([^)]*\)/u', '', $plain)), $text, $dimension);
        foreach (array_filter(array_map(trim(...), $found[1]), static fn (string $second): bool => $second !== '') as $second) {
            self::refuseOther($first, $second, $text, $dimension);
        }

        return new self($first);
    }

    /**
     * The same, where a figure that stands alone says what something is: "19 deg", "1.85 mm".
     *
     * @throws Refusal at "text"
     */
    public static function figureOr(string $text, Dimension $dimension): self
    {
        $plain = self::plain($text);
        if (preg_match('/^([+-]?(?:'.self::NUMBER.')) ?('.self::UNIT.')?$/iu', $plain, $found) !== 1) {
            return self::read($text, $dimension);
        }
        $figure = self::with($found[1], ($found[2] ?? '') === '' ? null : $found[2], $dimension);
        try {
            self::base($figure, $dimension);
        } catch (Refusal $refusal) {
            throw $refusal->under('text');
        }

        return new self(['nominal' => $figure]);
    }

    /**
     * A single figure is what the gap has at least: less closes it when it is hot.
     *
     * @throws MalformedDocument
     */
    private static function rule(string $range, string $per, string $unit, string $service, string $whole): self
    {
        $bare = preg_match('/^(?:'.self::NUMBER.') ?(?:'.self::UNIT.')?$/iu', trim($range)) === 1 ? 'min '.trim($range) : trim($range);
        $ends = self::range($bare, $whole, Dimension::Length);
        if (trim($service) !== '') {
            $ends += self::ends(ltrim($service, ' ,;'), $whole, Dimension::Length);
        }

        return new self($ends, $per.' '.(strtolower($unit) === 'inch' ? 'in' : $unit));
    }

    /** @return array<string, mixed> as a sheet states it */
    public function stated(): array
    {
        if ($this->per === null) {
            return $this->ends;
        }
        $range = array_intersect_key($this->ends, ['min' => 0, 'max' => 0]);

        return ['rule' => (object) ($range + ['per' => $this->per])] + array_diff_key($this->ends, $range);
    }

    /** "0.05 to 0.08 mm, worn up to 0.12 mm". */
    public function inWords(): string
    {
        [$min, $max] = [$this->ends['min'] ?? null, $this->ends['max'] ?? null];
        $range = match (true) {
            $min !== null && $max !== null => $min.' to '.$max,
            $max !== null => 'up to '.$max,
            $min !== null => 'at least '.$min,
            default => $this->ends['nominal'] ?? null,
        };
        if ($range !== null && $this->per !== null) {
            $range .= ' for every '.$this->per.' of bore';
        }
        $service = match (true) {
            isset($this->ends['service_max']) => 'worn up to '.$this->ends['service_max'],
            isset($this->ends['service_min']) => 'worn down to '.$this->ends['service_min'],
            default => null,
        };

        return implode(', ', array_filter([$range, $service]));
    }

    /** Dashes, decimal commas and spaces as they are read. */
    private static function plain(string $text): string
    {
        $text = str_replace(['–', '—', '−', '…', '~'], '-', trim($text));
        $text = (string) preg_replace('/(\d),(\d)/', '$1.$2', $text);

        return (string) preg_replace('/\s+/', ' ', $text);
    }

    /**
     * @return array<string, string>
     *
     * @throws MalformedDocument
     */
    private static function ends(string $said, string $whole, Dimension $dimension): array
    {
        $parts = preg_split(self::SERVICE, $said, 2);
        [$range, $service] = [trim($parts[0] ?? ''), isset($parts[1]) ? trim($parts[1]) : null];
        $ends = $range === '' ? [] : self::range($range, $whole, $dimension);
        if ($service === null) {
            return $ends === [] ? throw self::unread($whole) : $ends;
        }
        if (preg_match('/^('.self::NUMBER.') ?('.self::UNIT.')?$/iu', $service, $found) !== 1) {
            throw self::unread($whole);
        }
        $figure = self::with($found[1], $found[2] ?? self::unitOf($ends), $dimension);
        $isBelow = isset($ends['min']) && self::base($figure, $dimension) < self::base($ends['min'], $dimension);

        return $ends + [$isBelow ? 'service_min' : 'service_max' => $figure];
    }

    /**
     * @return array<string, string>
     *
     * @throws MalformedDocument
     */
    private static function range(string $said, string $whole, Dimension $dimension): array
    {
        [$number, $unit] = ['('.self::NUMBER.')', '('.self::UNIT.')?'];
        if (preg_match("/^$number ?$unit ?(?:-|to) ?$number ?$unit$/iu", $said, $found) === 1) {
            $shared = ($found[4] ?? '') !== '' ? $found[4] : ($found[2] !== '' ? $found[2] : null);

            return ['min' => self::with($found[1], $found[2] !== '' ? $found[2] : $shared, $dimension),
                'max' => self::with($found[3], $shared, $dimension)];
        }
        if (preg_match("/^$number ?$unit ?(?:±|\+\/-|\+-) ?$number ?$unit$/iu", $said, $found) === 1) {
            $shared = ($found[4] ?? '') !== '' ? $found[4] : ($found[2] !== '' ? $found[2] : null);
            $decimals = max(array_map(static fn (string $figure): int => strlen(explode('.', $figure)[1] ?? ''), [$found[1], $found[3]]));
            $end = static fn (float $figure): string => self::with(number_format($figure, $decimals, '.', ''), $shared, $dimension);

            return ['min' => $end((float) $found[1] - (float) $found[3]), 'max' => $end((float) $found[1] + (float) $found[3])];
        }
        if (preg_match("/^(?:max(?:imum)?\.?|up to|at most|no more than|<) ?$number ?$unit$/iu", $said, $found) === 1
            || preg_match("/^$number ?$unit (?:max(?:imum)?\.?|or less)$/iu", $said, $found) === 1) {
            return ['max' => self::with($found[1], ($found[2] ?? '') !== '' ? $found[2] : null, $dimension)];
        }
        if (preg_match("/^(?:min(?:imum)?\.?|at least|no less than|>) ?$number ?$unit$/iu", $said, $found) === 1
            || preg_match("/^$number ?$unit (?:min(?:imum)?\.?|or more)$/iu", $said, $found) === 1) {
            return ['min' => self::with($found[1], ($found[2] ?? '') !== '' ? $found[2] : null, $dimension)];
        }
        throw self::unread($whole);
    }

    private static function with(string $figure, ?string $unit, Dimension $dimension): string
    {
        return $figure.' '.trim($unit ?? $dimension->canonicalUnit()->symbol);
    }

    /** @param  array<string, string>  $ends */
    private static function unitOf(array $ends): ?string
    {
        $first = array_values($ends)[0] ?? null;

        return $first === null ? null : (explode(' ', $first, 2)[1] ?? null);
    }

    private static function base(string $figure, Dimension $dimension): int|float
    {
        return WrittenQuantity::of($figure, $dimension)->base();
    }

    /**
     * What stands in brackets is a range again, or one figure that is one of the ends again.
     *
     * @param  array<string, string>  $first
     *
     * @throws MalformedDocument|ContradictoryFields
     */
    private static function refuseOther(array $first, string $second, string $whole, Dimension $dimension): void
    {
        $isAlike = static fn (string $end, string $figure): bool => abs(self::base($end, $dimension) - self::base($figure, $dimension))
            <= self::ALIKE * max(abs(self::base($end, $dimension)), abs(self::base($figure, $dimension)));
        if (preg_match('/^('.self::NUMBER.') ?('.self::UNIT.')$/iu', $second, $found) === 1) {
            $figure = self::with($found[1], $found[2], $dimension);
            if (array_filter($first, static fn (string $end): bool => $isAlike($end, $figure)) === []) {
                throw self::another(implode(' or ', $first), $figure, $whole);
            }

            return;
        }
        foreach (self::ends($second, $whole, $dimension) as $end => $figure) {
            if (isset($first[$end]) && ! $isAlike($first[$end], $figure)) {
                throw self::another($first[$end], $figure, $whole);
            }
        }
    }

    private static function another(string $one, string $other, string $whole): ContradictoryFields
    {
        return ContradictoryFields::excluded('text', $whole, 'What stands in brackets is another figure: '.$one.' is not '.$other.'.',
            'the same in both units');
    }

    private static function unread(string $text): MalformedDocument
    {
        return MalformedDocument::wrongSort($text, 'a limit as a manual prints it, such as 0.05–0.08 mm, limit 0.12')->under('text');
    }
}
