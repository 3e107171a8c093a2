<?php

namespace App\Bench;

use Moltrek\Core\Planning\Scope;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Fastener;
use Moltrek\Core\Sheet\Slab;

/** A bolt board at true scale, as SVG in millimetres: a hole for each fastener where it sits, its length and washer beside it. */
final readonly class BoltBoard
{
    private const BORDER = 22;

    /** @param  list<Fastener>  $fasteners */
    private function __construct(public Slab $slab, private array $fasteners, private string $title)
    {
    }

    /** @return list<self> one a slab that has fasteners, from the top */
    public static function all(EngineSheet $sheet): array
    {
        $boards = [];
        foreach (array_reverse($sheet->stack->slabs) as $slab) {
            $fasteners = $sheet->stack->fastenersOf($slab->id);
            if ($fasteners !== []) {
                $boards[] = new self($slab, $fasteners, $sheet->title());
            }
        }

        return $boards;
    }

    /** @return list<self> of the slabs that a job takes off, from the top */
    public static function outIn(Scope $scope): array
    {
        return array_values(array_filter(self::all($scope->sheet), static fn (self $board): bool => $scope->opens($board->slab)));
    }

    public function width(): float
    {
        return $this->span(static fn (Fastener $fastener): float => $fastener->x->quantity()['value'])[1] + 2 * self::BORDER;
    }

    public function height(): float
    {
        return $this->span(static fn (Fastener $fastener): float => $fastener->y->quantity()['value'])[1] + 2 * self::BORDER + 14;
    }

    public function svg(): string
    {
        [$left] = $this->span(static fn (Fastener $fastener): float => $fastener->x->quantity()['value']);
        [$bottom, $high] = $this->span(static fn (Fastener $fastener): float => $fastener->y->quantity()['value']);
        $parts = [
            sprintf('<text x="4" y="6.5" font-size="5" font-weight="bold">%s</text>', self::escaped($this->slab->name)),
            sprintf('<text x="4" y="11" font-size="3.4">%s</text>', self::escaped($this->title.', from above, true scale in print')),
        ];
        foreach ($this->fasteners as $fastener) {
            $x = $fastener->x->quantity()['value'] - $left + self::BORDER;
            $y = $high - ($fastener->y->quantity()['value'] - $bottom) + self::BORDER + 6;
            $radius = (float) substr($fastener->thread, 1, strspn($fastener->thread, '0123456789', 1)) / 2;
            $parts[] = sprintf('<circle cx="%.1f" cy="%.1f" r="%.1f" fill="none" stroke="black" stroke-width="0.4"/>', $x, $y, $radius);
            $parts[] = sprintf('<path d="M%.1f %.1fh4M%.1f %.1fv4" stroke="black" stroke-width="0.2"/>', $x - 2, $y, $x, $y - 2);
            $words = [$fastener->thread.($fastener->length === null ? '' : ' × '.$fastener->length->short()).($fastener->leftHand ? ' LEFT HAND' : ''), ...($fastener->washer === null ? [] : [$fastener->washer])];
            foreach ($words as $line => $word) {
                $parts[] = sprintf('<text x="%.1f" y="%.1f" font-size="3" text-anchor="middle">%s</text>', $x, $y + $radius + 4 + 3.6 * $line, self::escaped($word));
            }
            $parts[] = sprintf('<text x="%.1f" y="%.1f" font-size="3.4" font-weight="bold" text-anchor="middle">%s</text>', $x, $y - $radius - 1.6, self::escaped($fastener->id));
        }
        $scale = sprintf('<path d="M4 %1$.1fh50M4 %2$.1fv3M54 %2$.1fv3" stroke="black" stroke-width="0.4" fill="none"/><text x="57" y="%3$.1f" font-size="3">50 mm: measure it on the print</text>', $this->height() - 4, $this->height() - 5.5, $this->height() - 3);

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%1$.1fmm" height="%2$.1fmm" viewBox="0 0 %1$.1f %2$.1f" font-family="B612, sans-serif">%3$s%4$s</svg>', $this->width(), $this->height(), implode('', $parts), $scale);
    }

    /**
     * @param  callable(Fastener): float  $of
     * @return array{float, float} the least, and the distance to the most
     */
    private function span(callable $of): array
    {
        $values = array_map($of, $this->fasteners);

        return [min($values ?: [0.0]), max($values ?: [0.0]) - min($values ?: [0.0])];
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_XML1);
    }
}
