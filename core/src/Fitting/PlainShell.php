<?php

namespace Moltrek\Core\Fitting;

/** The plain bearing shell that a pair of marks asks for: code = a − b − offset, its colour by the sheet's table. */
final readonly class PlainShell
{
    private function __construct(public string $place, public int $code, public ?string $colour)
    {
    }

    /** @param  array<string|int, string>  $colours by code */
    public static function of(string $place, int $a, int $b, int $offset, array $colours): self
    {
        $code = $a - $b - $offset;

        return new self($place, $code, $colours[(string) $code] ?? null);
    }

    /** @return array{place: string, code: int, colour: string|null} */
    public function toArray(): array
    {
        return ['place' => $this->place, 'code' => $this->code, 'colour' => $this->colour];
    }
}
