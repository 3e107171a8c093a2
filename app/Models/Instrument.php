<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Moltrek\Core\Measuring\InstrumentDoubt;
use Moltrek\Core\Quantity\Day;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Torquing\Wrench;
use stdClass;

/**
 * A measuring tool of the shop.
 *
 * @property string $id
 * @property string $name
 * @property string $kind
 * @property string|null $doubt
 * @property string|null $fixed
 * @property list<string> $leaves
 * @property string|null $range
 * @property string|null $resolution
 * @property string|null $length
 * @property CarbonImmutable|null $checked_on
 * @property CarbonImmutable|null $next_check
 * @property bool $simulated
 */
final class Instrument extends Model
{
    protected $guarded = [];

    public $incrementing = false;

    protected $keyType = 'string';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['leaves' => 'array', 'checked_on' => 'immutable_date', 'next_check' => 'immutable_date', 'simulated' => 'boolean'];
    }

    /** The tool of this id; null for a text that can be none. */
    public static function named(string $id): ?self
    {
        return preg_match('/^[a-z0-9-]{1,20}$/D', $id) === 1 ? self::query()->find($id) : null;
    }

    /** As a torque wrench; null for another tool, and where its range or its step is not stated so that one can reckon with it. */
    public function wrench(): ?Wrench
    {
        try {
            return $this->kind !== 'torque wrench' ? null
                : Wrench::labelled($this->range ?? '', $this->resolution ?? '', $this->length === null ? null : $this->lengthOf());
        } catch (Refusal) {
            return null;
        }
    }

    /** From hand to square of a wrench, from square to fastener of an adapter. */
    public function lengthOf(): Length
    {
        return Length::of($this->length ?? '0 mm');
    }

    public function isOverdue(Day $today): bool
    {
        $next = $this->next_check?->format('Y-m-d');

        return InstrumentDoubt::isOverdue($next === null ? null : Day::of($next), $today);
    }

    /** The tool as it is today, to be kept with a reading. A tool whose check is overdue is trusted less. */
    public function snapshot(Day $today): stdClass
    {
        $overdue = $this->isOverdue($today);

        return (object) array_filter([
            'id' => $this->id,
            'name' => $this->name,
            'kind' => $this->kind,
            'doubt' => $this->doubt === null ? null : InstrumentDoubt::expanded(Figure::of($this->doubt), $overdue)->exact(),
            'fixed' => $this->fixed,
            'leaves' => $this->leaves,
            'overdue' => $overdue,
        ], static fn (mixed $value): bool => $value !== null && $value !== [] && $value !== false);
    }
}
