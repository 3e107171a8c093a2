<?php

namespace Moltrek\Core\Chamber;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;

/** What lies in one joint: its pieces, whether the joint has crushed them, and whether somebody said so or it is taken for granted. */
final readonly class LaidPieces
{
    /** A smaller difference than this is none, in nanometres. */
    private const ALIKE = 1;

    /** @param  list<LaidPiece>  $pieces  none where nobody knows, or where nothing lies there */
    public function __construct(public array $pieces, public bool $crushed, public bool $stated)
    {
    }

    /** @return list<LaidPiece> */
    public static function readAll(Fields $fields, string $key): array
    {
        $pieces = $fields->required($key, 'a list of pieces')->objects($key, ...LaidPiece::payload()->names());

        return array_map(LaidPiece::read(...), $pieces);
    }

    public function thickness(): Length
    {
        $add = static fn (Length $sum, LaidPiece $piece): Length => $sum->plus($piece->thickness);

        return array_reduce($this->pieces, $add, Length::zero());
    }

    /** The chamber that an insert among them makes. */
    public function volume(): ?float
    {
        return array_reduce($this->pieces, static fn (?float $volume, LaidPiece $piece): ?float => $piece->volume ?? $volume);
    }

    public function isKnown(): bool
    {
        return $this->stated || $this->pieces !== [];
    }

    public function differsFrom(self $other): bool
    {
        return abs($this->thickness()->nanometres - $other->thickness()->nanometres) > self::ALIKE || $this->volume() !== $other->volume();
    }

    public function asCrushed(): self
    {
        return new self($this->pieces, true, $this->stated);
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(static fn (LaidPiece $piece): string => $piece->name, $this->pieces);
    }

    /** "Base gasket 0.25, Spacer 0.50", with how often where more than one of a kind lies there. */
    public function inWords(): string
    {
        $words = [];
        foreach (array_count_values($this->names()) as $name => $count) {
            $words[] = ($count > 1 ? $count.' × ' : '').$name;
        }

        return $words === [] ? 'nothing' : implode(', ', $words);
    }
}
