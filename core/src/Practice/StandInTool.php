<?php

namespace Moltrek\Core\Practice;

use Moltrek\Core\Measuring\EntryForm;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Quantity\Length;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A simulated tool: it types what a caliper, bore gauge or micrometer would, from a hidden size and a known doubt. The same
 * seed gives the same reading. For demonstration, tests and practice; screens say that it is simulated.
 */
final readonly class StandInTool
{
    /** Wear of an engine that has run: this share of the bore, most across the pin and at the top. */
    private const WEAR = 0.0003;

    public function __construct(private int $seed, private Length $doubt)
    {
    }

    /** What it would type at this spot, as text without unit in millimetres; null where hand and eye are needed. */
    public function reading(Spot $spot): ?string
    {
        if ($spot->about === null || ! in_array($spot->form(), [EntryForm::Direct, EntryForm::Diameter], true)) {
            return null;
        }
        $random = new Randomizer(new Mt19937($this->seed ^ crc32($spot->id)));
        $spread = (int) round($this->doubt->nanometres / 2);
        $error = $random->getInt(-$spread, $spread);

        return number_format(round(($this->truth($spot) + $error) / 1000) / 1000, 3, '.', '');
    }

    /** The hidden size in nanometres: a piston a little under the bore, a bore worn oval and wider at the top. */
    private function truth(Spot $spot): float
    {
        $nominal = $spot->about->nanometres ?? 0;
        if ($spot->is('piston')) {
            return $nominal * (1 - 0.0009);
        }
        $depth = ($spot->at->depth->nanometres ?? 0) / max(1, $nominal);
        $across = $spot->at->part === 'across' ? 1.0 : 0.4;

        return $nominal * (1 + self::WEAR * $across / (1 + 2 * $depth));
    }
}
