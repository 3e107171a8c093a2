<?php

namespace Moltrek\Core\Tests;

use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** A law that must hold for whatever the generators come up with. */
final class Property extends TestCase
{
    use TestTrait {
        forAll as private everything;
        limitTo as private evaluations;
    }

    /**
     * @param  list<mixed>  $generators
     * @param  callable  $law  takes one value of each generator, and expects
     */
    public static function holds(int $times, array $generators, callable $law): void
    {
        $property = new self('property');
        self::erisSetupBeforeClass();
        $property->erisSetup();
        $property->evaluations($times)->everything(...$generators)->then($law);
    }

    public function property(): void
    {
    }
}
