<?php

namespace App\Store;

use App\Calculations\JsonText;
use App\Models\Sheet;
use Illuminate\Support\Facades\DB;
use Moltrek\Core\Planning\SheetReport;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\Refusal;
use stdClass;

/** Keeps a sheet in the spec book: a new one, or the next version of one that is there. */
final class KeepSheet
{
    /**
     * @param  int|null  $base  the version that was changed; another must not have come meanwhile
     *
     * @throws Refusal where the sheet contradicts itself, or its plan would come round again under some errand
     */
    public function __invoke(mixed $document, ?int $base = null): Sheet
    {
        return self::underLock(static fn (): Sheet => self::entered($document, $base));
    }

    /**
     * The next version of the newest that is there.
     *
     * @param  callable(stdClass): void  $change
     *
     * @throws Refusal
     */
    public function changed(string $slug, callable $change): Sheet
    {
        return self::underLock(static function () use ($slug, $change): Sheet {
            $document = JsonText::decode((Sheet::newest($slug) ?? abort(404))->document);
            assert($document instanceof stdClass);
            $change($document);

            return self::entered($document);
        });
    }

    /**
     * Versions are counted one after another: whoever comes second sees what the first has written.
     *
     * @param  callable(): Sheet  $write
     */
    private static function underLock(callable $write): Sheet
    {
        return DB::connection()->transaction(static function () use ($write): Sheet {
            Turn::KeepSheet->wait();

            return $write();
        });
    }

    private static function entered(mixed $document, ?int $base = null): Sheet
    {
        $engine = SheetReport::planned($document);
        $newest = Sheet::newest($engine->identity->id);
        if ($base !== null && $newest !== null && $newest->version !== $base) {
            throw ContradictoryFields::excluded('base', $base, 'Somebody has kept a newer version meanwhile.', 'version '.$newest->version);
        }
        $text = JsonText::encode($document);
        if ($newest !== null && JsonText::encode(JsonText::decode($newest->document)) === $text) {
            throw ContradictoryFields::excluded('document', $engine->identity->id, 'This is the version that is there already.', 'a change')->under('');
        }

        return Sheet::query()->create(['slug' => $engine->identity->id, 'version' => ($newest->version ?? 0) + 1, 'document' => $text]);
    }
}
