<?php

namespace App\Models;

use App\Calculations\JsonText;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Model;
use Moltrek\Core\Log\Entry;
use stdClass;

/**
 * A row of the append-only log.
 *
 * @property int $seq
 * @property string $id
 * @property int $job_id
 * @property int $user_id
 * @property string $kind
 * @property string $payload
 * @property string $happened_at
 * @property string $recorded_at
 */
final class LogEntry extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /**
     * A row as the core reads it.
     *
     * @param  stdClass  $row  id, kind, payload, happened_at, initials
     */
    public static function toCore(stdClass $row): Entry
    {
        $kept = Row::of($row);

        return Entry::stored(
            $kept->text('id'), $kept->text('kind'), JsonText::decode($kept->text('payload')),
            new DateTimeImmutable($kept->text('happened_at')), $kept->text('initials'),
        );
    }
}
