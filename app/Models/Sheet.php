<?php

namespace App\Models;

use App\Calculations\JsonText;
use Illuminate\Database\Eloquent\Model;
use Moltrek\Core\Sheet\EngineSheet;

/**
 * One version of an engine sheet. A job keeps the version it began with.
 *
 * @property int $id
 * @property string $slug
 * @property int $version
 * @property string $document
 */
final class Sheet extends Model
{
    protected $table = 'engine_sheets';

    protected $guarded = [];

    private ?EngineSheet $engine = null;

    public function engine(): EngineSheet
    {
        return $this->engine ??= EngineSheet::read(JsonText::decode($this->document));
    }
}
