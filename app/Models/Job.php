<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One engine on the floor. What has happened to it is its log.
 *
 * @property int $id
 * @property int $number
 * @property int $engine_sheet_id
 * @property string $owner
 * @property CarbonImmutable|null $promised
 * @property string|null $bench  where its machine stands
 * @property CarbonImmutable|null $closed_at
 * @property Sheet $sheet
 */
final class Job extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['promised' => 'immutable_date', 'closed_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<Sheet, $this> */
    public function sheet(): BelongsTo
    {
        return $this->belongsTo(Sheet::class, 'engine_sheet_id');
    }

    /** @return HasMany<LogEntry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(LogEntry::class);
    }

    /** A later version of the sheet than the one this job keeps. */
    public function newerSheet(): ?int
    {
        $newest = Sheet::query()->where('slug', $this->sheet->slug)->max('version');

        return is_numeric($newest) && (int) $newest > $this->sheet->version ? (int) $newest : null;
    }

    /** @return list<int> earlier jobs on the same engine of the same owner, the newest first */
    public function earlier(): array
    {
        return array_values(self::query()->with('sheet')->where('owner', $this->owner)->where('id', '!=', $this->id)->get()
            ->filter(fn (self $job): bool => $job->sheet->slug === $this->sheet->slug && $job->id < $this->id)->sortByDesc('id')
            ->map(static fn (self $job): int => $job->number)->all());
    }
}
