<?php

namespace App\Http\Shapes;

/** The shop that is spoken to, and what it may be told. */
final readonly class ShopShape
{
    /**
     * @param  string  $key  "own" or "practice"; empty where the installation keeps one alone
     * @param  object  $hours  ranges by day, mon to sun
     * @param  object  $units  the unit that people think in, by dimension
     * @param  bool  $begun  it has an owner
     * @param  list<string>  $others  the other shops of this installation that are open
     * @param  bool  $ownBegun  the own shop of this installation has been begun
     * @param  bool  $practice  the shop for practice stays beside it
     * @param  array<string, list<string>>  $unitChoices  the units to choose from, by dimension
     * @param  list<string>  $zones
     * @param  int  $shortestPassword  characters that a password has at least
     * @param  bool  $wantsCode  whoever begins it must know the code that the machine printed
     * @param  list<string>  $benches
     * @param  list<SupplierShape>  $suppliers
     *
     * @sent-as array<string, list<string>> $hours
     * @sent-as array<string, string> $units
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $zone,
        public object $hours,
        public object $units,
        public bool $begun,
        public array $others,
        public bool $ownBegun,
        public bool $practice,
        public array $unitChoices,
        public array $zones,
        public int $shortestPassword,
        public bool $wantsCode,
        public array $benches,
        public array $suppliers,
    ) {
    }
}
