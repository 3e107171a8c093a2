<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\EngineSheet;

/** What was found, chosen and fitted in the valve gear: shims, stems, rods, the order of small parts. */
final class Clearances
{
    /** @var array<string, ShimRead> the shims that the engine came in with, by valve */
    private array $found = [];

    /** @var array<string, list<array{Entry, Length}>> shims that went in, the last last, by valve */
    private array $fitted = [];

    private ?Entry $decided = null;

    private ?Entry $settled = null;

    /** @var array<string, Entry> fitted since the shims were last chosen, by valve */
    private array $fittedSince = [];

    private ?Entry $shelved = null;

    /** @var array<string, list<Entry>> by valve */
    private array $ground = [];

    /** @var array<string, Entry> by valve */
    private array $loose = [];

    /** @var array<string, Entry> rods read, by valve */
    private array $rods = [];

    /** @var array<string, Entry> by cylinder */
    private array $letOut = [];

    /** @var array<string, Entry> by cylinder */
    private array $spinning = [];

    private ?Entry $slack = null;

    /** @var array<string, Entry> by stack and valve */
    private array $seen = [];

    public function __construct(private readonly EngineSheet $sheet)
    {
    }

    public function foundShim(ShimRead $said, Entry $entry): void
    {
        $this->found[$said->valve] = $said;
    }

    public function decideShims(Entry $entry): void
    {
        $this->decided = $entry;
        $this->fittedSince = [];
        $this->shelved = null;
    }

    /** What was left over of the plan that stands lies on the shelf now. */
    public function shelve(Entry $entry): void
    {
        if ($entry->said instanceof ShimsShelved && $entry->said->plan === $this->decided?->id) {
            $this->shelved = $entry;
        }
    }

    public function shelvedBy(): ?Entry
    {
        return $this->shelved;
    }

    /** @return list<Length> the shims that came out by the plan that stands and that no other valve got, the thickest first */
    public function leftOver(): array
    {
        $chosen = $this->chosen();
        $moved = array_filter(array_map(static fn (ShimChosen $shim): ?string => $shim->whose, $chosen));
        $left = array_filter($chosen, static fn (ShimChosen $shim): bool => ! in_array($shim->valve, $moved, true));
        $sizes = array_map(fn (ShimChosen $shim): ?Length => $this->shimOf($shim->valve, $this->decided), array_values($left));
        $sizes = array_values(array_filter($sizes));
        usort($sizes, static fn (Length $one, Length $other): int => $other->nanometres <=> $one->nanometres);

        return $sizes;
    }

    public function fitShim(ShimChosen $shim, Entry $entry): void
    {
        $this->fitted[$shim->valve][] = [$entry, $shim->size];
        $this->fittedSince[$shim->valve] = $entry;
    }

    /** The readings alone have settled that every shim stays. */
    public function settle(Entry $entry): void
    {
        $this->settled = $entry;
    }

    public function settledBy(): ?Entry
    {
        return $this->settled;
    }

    public function decidedBy(): ?Entry
    {
        return $this->decided;
    }

    /** @return array<string, ShimChosen> what was chosen last, by valve */
    public function chosen(): array
    {
        return $this->decided?->said instanceof ShimsDecided ? $this->decided->said->chosen : [];
    }

    public function fittedBy(string $valve): ?Entry
    {
        return $this->fittedSince[$valve] ?? null;
    }

    /** Whether everything that was chosen is in. */
    public function allFitted(): bool
    {
        return $this->decided !== null && array_diff_key($this->chosen(), $this->fittedSince) === [];
    }

    /** The shim under a valve as it stood when something was entered; now, where nothing is named. */
    public function shimOf(string $valve, ?Entry $when = null): ?Length
    {
        $size = ($this->found[$valve] ?? null)?->size;
        foreach ($this->fitted[$valve] ?? [] as [$entry, $fitted]) {
            if ($when === null || ! $entry->isAfter($when)) {
                $size = $fitted;
            }
        }

        return $size;
    }

    public function grind(string $valve, Entry $entry): void
    {
        $this->ground[$valve][] = $entry;
    }

    /** @return list<Entry> */
    public function groundBy(string $valve): array
    {
        return $this->ground[$valve] ?? [];
    }

    public function leaveLoose(string $valve, Entry $entry): void
    {
        $this->loose[$valve] = $entry;
    }

    public function leftLooseBy(string $valve): ?Entry
    {
        return $this->loose[$valve] ?? null;
    }

    public function readRod(RodRead $said, Entry $entry): void
    {
        $this->rods[$said->valve] = $entry;
    }

    public function rodOf(string $valve): ?RodRead
    {
        $said = ($this->rods[$valve] ?? null)?->said;

        return $said instanceof RodRead ? $said : null;
    }

    public function letOut(string $cylinder, Entry $entry): void
    {
        $this->letOut[$cylinder] = $entry;
        unset($this->spinning[$cylinder]);
    }

    public function letOutBy(string $cylinder): ?Entry
    {
        return $this->letOut[$cylinder] ?? null;
    }

    public function spin(string $cylinder, Entry $entry): void
    {
        $this->spinning[$cylinder] = $entry;
    }

    public function spinsBy(string $cylinder): ?Entry
    {
        return $this->spinning[$cylinder] ?? null;
    }

    public function readSlack(Entry $entry): void
    {
        $this->slack = $entry;
    }

    public function slackBy(): ?Entry
    {
        return $this->slack;
    }

    public function see(string $stack, string $valve, Entry $entry): void
    {
        $this->seen[$stack.'.'.$valve] = $entry;
    }

    public function hasSeen(string $stack, string $valve): ?Entry
    {
        return $this->seen[$stack.'.'.$valve] ?? null;
    }

    /** @param  list<string>  $taken  steps that were taken back */
    public function undo(Undone $undone, array $taken): void
    {
        foreach ($this->sheet->layout->cylinders as $cylinder) {
            if (array_intersect([ValveSteps::rodsIn($cylinder->id), ValveSteps::rods($cylinder->id)], $taken) !== []) {
                unset($this->letOut[$cylinder->id], $this->spinning[$cylinder->id]);
            }
            if (in_array(ValveSteps::rodsIn($cylinder->id), $taken, true)) {
                foreach (RodLoop::valvesOf($this->sheet, $cylinder->id) as $valve) {
                    unset($this->seen['tube.'.$valve], $this->seen['rockers.'.$valve]);
                }
            }
        }
        if (in_array(ValveSteps::DECOMPRESSOR, $taken, true)) {
            $this->slack = null;
        }
    }
}
