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

    public static function newest(string $slug): ?self
    {
        return self::query()->where('slug', $slug)->get()->sortByDesc('version')->first();
    }

    public static function version(string $slug, int $version): ?self
    {
        return self::query()->where('slug', $slug)->where('version', $version)->first();
    }

    public function engine(): EngineSheet
    {
        return $this->engine ??= EngineSheet::read(JsonText::decode($this->document));
    }

    /** The document as a person would edit it. */
    public function written(): string
    {
        return json_encode(JsonText::decode($this->document), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
