<?php

namespace Moltrek\Core\Log\Chamber;

use Moltrek\Core\Chamber\LaidPiece;
use Moltrek\Core\Chamber\LaidPieces;
use Moltrek\Core\Fitting\ByThickness;
use Moltrek\Core\Fitting\Piece;
use Moltrek\Core\Fitting\ThicknessChoice;
use Moltrek\Core\Fitting\ThicknessChoices;
use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\StackPiece;

/**
 * Which pieces bring a cylinder inside its limit, below its barrel or above it: by the squish where it is limited and read,
 * else by the deck.
 */
final readonly class StackChoices
{
    /** As far from the one end of a limit that has no other. */
    private const FAR = 1_000_000_000;

    private const MOST_PIECES = 3;

    public function __construct(private StackOfThicknesses $stack, private bool $below)
    {
    }

    /** By what it is chosen: "squish", "deck"; nothing where nothing is limited and read. */
    public function by(): ?string
    {
        return match (true) {
            $this->limitOf('squish') !== null && $this->stack->squish !== null => 'squish',
            $this->below && $this->limitOf('deck') !== null && $this->stack->deck !== null => 'deck',
            default => null,
        };
    }

    /** @return list<StackPiece> everything that can be had for these joints */
    public function shelf(): array
    {
        $pieces = $this->stack->state->sheet->pieces;

        return array_merge(...array_map(static fn (Slab $joint): array => $pieces->at($joint->id), $this->joints()), ...[[]]);
    }

    public function found(): ?ThicknessChoices
    {
        $by = $this->by();
        $limit = $by === null ? null : $this->limitOf($by);
        $read = $by === 'deck' ? $this->stack->deck : $this->stack->squish;
        if ($limit === null || $read === null || $this->shelf() === []) {
            return null;
        }
        $more = $this->stack->added($read, [], $by === 'deck');
        [$low, $high] = $by === 'deck' ? $read->span($more) : [$read->lowest($more)->low, $read->lowest($more)->high ?? self::FAR];
        [$min, $max, $aim] = self::target($limit);
        $fit = new ByThickness(
            [Length::ofNanometres(max($low, -self::FAR)), Length::ofNanometres(min($high, self::FAR))],
            $this->stack->thickness($this->below, []), 1, Length::ofNanometres($min), Length::ofNanometres($max), $aim,
        );

        return $fit->among(
            array_map(static fn (StackPiece $piece): Piece => new Piece($piece->id, $piece->fitted(), self::MOST_PIECES), $this->shelf()),
            1,
            self::MOST_PIECES,
        );
    }

    /** @return array<string, LaidPieces> a choice as what would lie in each of the joints */
    public function laid(ThicknessChoice $choice): array
    {
        $pieces = $this->stack->state->sheet->pieces;
        $laid = [];
        foreach ($this->joints() as $joint) {
            $laid[$joint->id] = new LaidPieces([], false, true);
            foreach ($choice->pieces as $id) {
                $piece = $pieces->named($id);
                if ($piece?->slab === $joint->id) {
                    $laid[$joint->id] = new LaidPieces([...$laid[$joint->id]->pieces, LaidPiece::of($piece)], false, true);
                }
            }
        }

        return $laid;
    }

    /** Whether everything else that is limited stays inside with it. */
    public function fitsAll(ThicknessChoice $choice): bool
    {
        foreach ((new StackFigures($this->stack, $this->laid($choice)))->all() as $figure) {
            if ($figure->verdict !== null && in_array($figure->verdict->state, [State::Out, State::Unsure], true)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Slab> */
    private function joints(): array
    {
        return array_values(array_filter($this->stack->joints(),
            fn (Slab $joint): bool => $joint->kind->isGasket() && $joint->kind->isBelowBarrel() === $this->below));
    }

    private function limitOf(string $quantity): ?Limit
    {
        $limit = $this->stack->state->verdicts->limitOf($quantity.'.'.$this->stack->cylinder->id);

        return $limit?->decides() === true ? $limit : null;
    }

    /** @return array{int|float, int|float, Aim} */
    private static function target(Limit $limit): array
    {
        [$min, $max] = $limit->hasRange() ? [$limit->min, $limit->max] : [$limit->serviceMin, $limit->serviceMax];

        return match (true) {
            $min === null => [($max ?? 0) - self::FAR, $max ?? 0, Aim::High],
            $max === null => [$min, $min + self::FAR, Aim::Low],
            default => [$min, $max, Aim::Middle],
        };
    }
}
