<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** The slabs of an engine, each on what it stands on, and what holds them together. */
final readonly class Stack
{
    /** @var array<string, list<string>> what stands on each, through and through, bottom-up */
    private array $above;

    /**
     * @param  non-empty-list<Slab>  $slabs  none before what it stands on
     * @param  list<Fastener>  $fasteners
     * @param  list<string>  $alwaysPulled  slabs whose joint is torqued whether or not its fasteners are listed
     */
    private function __construct(public array $slabs, public array $fasteners, private array $alwaysPulled)
    {
        $above = array_fill_keys(array_column($slabs, 'id'), []);
        foreach ($slabs as $slab) {
            foreach ($above as $under => $over) {
                if (array_intersect($slab->on, [$under, ...$over]) !== []) {
                    $above[$under][] = $slab->id;
                }
            }
        }
        $this->above = $above;
    }

    public static function read(Fields $sheet, Layout $layout, ValveTrain $train, Barrel $barrel): self
    {
        $cylinders = array_column($layout->cylinders, 'id');
        $slabs = [];
        foreach ($sheet->objects('slabs', ...Slab::KEYS) as $index => $fields) {
            $slab = Slab::read($fields, $slabs[$index - 1] ?? null, $cylinders);
            foreach ($slab->on as $at => $under) {
                if (! in_array($under, array_column($slabs, 'id'), true)) {
                    throw $sheet->placed(MalformedDocument::wrongSort($under, 'a slab that stands earlier in the list'),
                        "slabs.$index.on.$at");
                }
            }
            foreach ($fields->texts('cylinders') as $at => $cylinder) {
                if (! in_array($cylinder, $cylinders, true)) {
                    throw $sheet->placed(MalformedDocument::wrongSort($cylinder, 'a cylinder of this engine'),
                        "slabs.$index.cylinders.$at");
                }
            }
            $slabs[] = $slab;
        }
        if ($slabs === []) {
            throw $sheet->placed(MalformedDocument::missing('slabs', 'the layers of the top end, bottom-up'));
        }
        $pulled = array_filter($slabs, static fn (Slab $slab): bool => self::isAlwaysPulled($slab, $train, $barrel));
        $stack = new self($slabs, array_map(Fastener::read(...), $sheet->objects('fasteners', ...Fastener::KEYS)),
            array_column($pulled, 'id'));
        $stack->refusePullsOfOthers($sheet);

        return $stack;
    }

    /**
     * A head, a cam holder, a barrel that is the upper case and a joint sealed with sealant are drawn down to a figure on every
     * engine: where the sheet lacks it, it is asked for.
     */
    private static function isAlwaysPulled(Slab $slab, ValveTrain $train, Barrel $barrel): bool
    {
        return $slab->kind === SlabKind::Head || self::holdsCams($slab, $train) || $slab->seal === Seal::Sealant
            || ($slab->kind === SlabKind::Barrel && $barrel->joining === Joining::UpperCase);
    }

    /** Whether it holds cams down: drawn as that, or as valve gear over cams in caps. */
    public static function holdsCams(Slab $slab, ValveTrain $train): bool
    {
        return $slab->kind === SlabKind::CamHolder || ($slab->kind === SlabKind::ValveGear && $train->camEntry === CamEntry::Caps);
    }

    private function refusePullsOfOthers(Fields $sheet): void
    {
        foreach ($this->slabs as $index => $slab) {
            foreach ($slab->pulledAfter as $at => $other) {
                if (! in_array($other, $this->above[$slab->id] ?? [], true)) {
                    throw $sheet->placed(ContradictoryFields::excluded('', $other,
                        'What must be on before this joint is pulled has to stand on it.', 'a slab that stands on '.$slab->id),
                        "slabs.$index.pulled_after.$at");
                }
            }
        }
    }

    /** The first slab of a kind, of those that serve a cylinder where one is named. */
    public function slab(SlabKind $kind, ?string $cylinder = null): ?Slab
    {
        return $this->all($kind, $cylinder)[0] ?? null;
    }

    /** @return list<Slab> bottom-up */
    public function all(SlabKind $kind, ?string $cylinder = null): array
    {
        return array_values(array_filter($this->slabs,
            static fn (Slab $slab): bool => $slab->kind === $kind && ($cylinder === null || $slab->serves($cylinder))));
    }

    public function named(string $id): ?Slab
    {
        $height = $this->heightOf($id);

        return $height === null ? null : $this->slabs[$height];
    }

    /** Its place in the list, from 0 at the cases; null for a name that is none. */
    public function heightOf(string $slab): ?int
    {
        foreach ($this->slabs as $height => $candidate) {
            if ($candidate->id === $slab) {
                return $height;
            }
        }

        return null;
    }

    /** @return list<string> what stands on a slab, through and through, bottom-up */
    public function above(string $slab): array
    {
        return $this->above[$slab] ?? [];
    }

    /** @return list<Slab> a slab and everything that stands on it, bottom-up; nothing for a name that is none */
    public function from(string $slab): array
    {
        $taken = [$slab, ...$this->above($slab)];

        return array_values(array_filter($this->slabs, static fn (Slab $each): bool => in_array($each->id, $taken, true)));
    }

    /** Whether one slab stands on another, through and through. */
    public function standsOn(string $slab, string $under): bool
    {
        return in_array($slab, $this->above($under), true);
    }

    /** @return list<Slab> what lies straight on a slab */
    public function directlyOn(string $slab): array
    {
        return array_values(array_filter($this->slabs, static fn (Slab $each): bool => in_array($slab, $each->on, true)));
    }

    /** Whether a joint has a pull of its own: its fasteners are listed, or it is one that always has and shares no other's. */
    public function isPulled(Slab $slab): bool
    {
        if ($slab->kind->isGasket() || $slab->kind === SlabKind::Case) {
            return false;
        }
        if ($this->fastenersOf($slab->id) !== []) {
            return true;
        }

        return in_array($slab->id, $this->alwaysPulled, true) && $this->sharesWith($slab) === null;
    }

    /** What seals the joint under a slab: what the sheet says; a slab that lies on a gasket slab is bare itself. */
    public function sealOf(Slab $slab): Seal
    {
        $onGasket = array_filter($slab->on, fn (string $under): bool => $this->named($under)?->kind->isGasket() === true) !== [];

        return $slab->seal ?? ($onGasket ? Seal::Bare : Seal::Gasket);
    }

    /** The slab whose fasteners hold this one too: its joint is pulled once this one is on. */
    public function sharesWith(Slab $slab): ?Slab
    {
        foreach ($this->slabs as $other) {
            if (in_array($slab->id, $other->pulledAfter, true)) {
                return $other;
            }
        }

        return null;
    }

    /** The slab with whose pull a slab has its torque: its own, that of what it shares, or that of what lies on it. */
    public function clampOf(Slab $slab): ?Slab
    {
        if ($this->isPulled($slab)) {
            return $slab;
        }
        $shared = $this->sharesWith($slab);
        if ($shared !== null && $this->isPulled($shared)) {
            return $shared;
        }
        foreach ($slab->kind === SlabKind::Case ? [] : $this->above($slab->id) as $over) {
            $over = $this->named($over);
            if ($over !== null && $this->isPulled($over) && in_array($over->kind, [SlabKind::Barrel, SlabKind::Head], true)) {
                return $over;
            }
        }

        return null;
    }

    /** Whether it closes the top of a column and nothing stands on it. */
    public function isTopCover(Slab $slab): bool
    {
        return $slab->kind->canTop() && $this->above($slab->id) === [] && array_filter(
            [...$this->all(SlabKind::Head), ...$this->all(SlabKind::Barrel)],
            fn (Slab $under): bool => $this->standsOn($slab->id, $under->id),
        ) !== [];
    }

    /** @return list<Fastener> those that hold a slab down itself */
    public function fastenersOf(string $slab): array
    {
        return $this->pulledIn(Fastener::pullOf($slab));
    }

    /** @return list<Fastener> those that are pulled in a step */
    public function pulledIn(string $step): array
    {
        return array_values(array_filter($this->fasteners, static fn (Fastener $fastener): bool => $fastener->step === $step));
    }

    /** @return list<Fastener> */
    public function group(string $group): array
    {
        return array_values(array_filter($this->fasteners, static fn (Fastener $fastener): bool => $fastener->group === $group));
    }
}
