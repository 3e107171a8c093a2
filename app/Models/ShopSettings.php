<?php

namespace App\Models;

use App\Calculations\JsonText;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Scheduling\OpeningHours;
use stdClass;

/** What the shop is: its name, its zone, when it is open and the units its people think in. One row of the database. */
final readonly class ShopSettings
{
    public const KEYS = ['name', 'zone', 'hours', 'units', 'benches', 'suppliers'];

    /** What somebody may think in. */
    public const DIMENSIONS = ['length' => Dimension::Length, 'torque' => Dimension::Torque, 'pressure' => Dimension::Pressure, 'temperature' => Dimension::Temperature];

    private const ROW = 1;

    private const MOST = 40;

    private const LONGEST_WAY = 120;

    /**
     * @param  array<string, list<string>>  $hours  ranges by day
     * @param  array<string, string>  $units  by dimension
     * @param  list<string>  $benches
     * @param  array<string, int>  $suppliers  the open days until a part comes, by name
     */
    private function __construct(public string $name, public string $zone, public array $hours, public array $units, public bool $practice, public array $benches, public array $suppliers)
    {
    }

    /** The shop as it stands; null where nobody has begun it. */
    public static function current(): ?self
    {
        $row = DB::table('shop')->where('id', self::ROW)->first();

        return $row === null ? null : self::fromRow($row);
    }

    /**
     * Benches and suppliers of which nothing is said stay as they are.
     *
     * @throws Refusal
     */
    public static function read(Fields $in): self
    {
        $name = $in->text('name', 60);
        $zone = OpeningHours::zone($in->required('zone', 'a time zone such as Europe/London'))->getName();
        if (! $in->has('hours') || ! OpeningHours::read($in)->isEverOpen()) {
            throw $in->placed(MalformedDocument::wrongSort($in->raw('hours'), 'hours on one day at least'), 'hours');
        }

        return new self($name, $zone, self::ranges($in->raw('hours')), $in->has('units') ? self::units($in->object('units', ...array_keys(self::DIMENSIONS))) : [], true,
            $in->has('benches') ? self::benches($in) : self::current()->benches ?? [], $in->has('suppliers') ? self::suppliers($in) : self::current()->suppliers ?? []);
    }

    /** @return array<string, string> */
    private static function units(Fields $in): array
    {
        $chosen = [];
        foreach (array_filter(self::DIMENSIONS, $in->has(...), ARRAY_FILTER_USE_KEY) as $key => $dimension) {
            $unit = $in->text($key, 20);
            $chosen[$key] = in_array($unit, $dimension->typedUnits(), true) ? $unit
                : throw $in->placed(MalformedDocument::wrongSort($unit, 'one of '.implode(', ', $dimension->typedUnits())), $key);
        }

        return $chosen;
    }

    /** @return list<string> */
    private static function benches(Fields $in): array
    {
        $benches = $in->limited('benches', self::MOST)->texts('benches');
        foreach ($benches as $index => $bench) {
            if (mb_strlen($bench) > 40 || array_search($bench, $benches, true) !== $index) {
                throw $in->placed(MalformedDocument::wrongSort($bench, 'names of at most 40 letters, each once'), "benches.$index");
            }
        }

        return $benches;
    }

    /** @return array<string, int> */
    private static function suppliers(Fields $in): array
    {
        $suppliers = [];
        foreach ($in->limited('suppliers', self::MOST)->objects('suppliers', 'name', 'days') as $each) {
            $name = $each->text('name', 60);
            $suppliers[$name] = isset($suppliers[$name]) ? throw $each->placed(MalformedDocument::wrongSort($name, 'each name once'), 'name')
                : $each->whole('days', 0, self::LONGEST_WAY);
        }

        return $suppliers;
    }

    public function keep(): void
    {
        $said = ['name' => $this->name, 'zone' => $this->zone, 'hours' => JsonText::encode((object) $this->hours), 'units' => JsonText::encode((object) $this->units),
            'benches' => JsonText::encode($this->benches), 'suppliers' => JsonText::encode((object) $this->suppliers)];
        if (DB::table('shop')->where('id', self::ROW)->update($said) === 0) {
            DB::table('shop')->insert($said + ['id' => self::ROW, 'begun_at' => CarbonImmutable::now()]);
        }
    }

    /** Whether the shop for practice stays beside it. */
    public static function keepPractice(bool $keep): void
    {
        DB::table('shop')->where('id', self::ROW)->update(['practice' => $keep]);
    }

    /** @return list<string> every zone that a shop may be in */
    public static function zones(): array
    {
        return DateTimeZone::listIdentifiers();
    }

    private static function fromRow(stdClass $row): self
    {
        $text = static fn (mixed $value): string => is_string($value) ? $value : '';
        $units = array_filter(self::byName(JsonText::decode($text($row->units))), is_string(...));

        return new self($text($row->name), $text($row->zone), self::ranges(JsonText::decode($text($row->hours))), $units, (bool) $row->practice,
            array_values(array_filter((array) JsonText::decode($text($row->benches)), is_string(...))), array_filter(self::byName(JsonText::decode($text($row->suppliers))), is_int(...)));
    }

    /** @return array<string, mixed> the properties of an object, by their names */
    private static function byName(mixed $object): array
    {
        $named = [];
        foreach ((array) $object as $name => $value) {
            $named[(string) $name] = $value;
        }

        return $named;
    }

    /** @return array<string, list<string>> */
    public static function ranges(mixed $hours): array
    {
        return array_map(static fn (mixed $ranges): array => array_values(array_filter((array) $ranges, is_string(...))), self::byName($hours));
    }
}
