<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
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
 */
final class Instrument extends Model
{
    protected $guarded = [];

    public $incrementing = false;

    protected $keyType = 'string';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['leaves' => 'array'];
    }

    /** The tool as it is today, to be kept with a reading. */
    public function snapshot(): stdClass
    {
        return (object) array_filter([
            'id' => $this->id,
            'name' => $this->name,
            'doubt' => $this->doubt,
            'fixed' => $this->fixed,
            'leaves' => $this->leaves,
        ], static fn (mixed $value): bool => $value !== null && $value !== []);
    }
}
