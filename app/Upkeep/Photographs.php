<?php

namespace App\Upkeep;

use App\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** The photographs of a shop: files in a folder, each known to the database by its hash, size and dimensions. */
final readonly class Photographs
{
    /** Where those lie that were found changed, and were replaced by sound ones. */
    private const ASIDE = 'aside';

    public function __construct(private string $folder)
    {
    }

    /** Those of the shop that is spoken to. */
    public static function here(): self
    {
        $folder = config('app.photos');
        $usual = base_path(ShopKey::shop() === 'own' ? 'var/photos-own' : 'var/photos');

        return new self(is_string($folder) && $folder !== '' ? $folder : $usual);
    }

    public function path(string $id): string
    {
        return $this->folder.'/'.$id.'.jpg';
    }

    /** The hash of what was kept under an id, where file and knowledge of it are both there. */
    public function hashOf(string $id): ?string
    {
        $hash = DB::table('photographs')->where('id', $id)->value('hash');

        return is_string($hash) && is_file($this->path($id)) ? $hash : null;
    }

    /**
     * Written beside, on the disk before it bears its name, and known before anybody is answered. One that was half written before
     * counts for nothing.
     *
     * @return string its hash
     */
    public function keep(string $id, string $jpeg): string
    {
        is_dir($this->folder) || mkdir($this->folder, 0700, true);
        $beside = tempnam($this->folder, '.part-') ?: throw new \RuntimeException('The folder of the photographs cannot be written to.');
        $file = fopen($beside, 'wb');
        if ($file === false || fwrite($file, $jpeg) !== strlen($jpeg) || ! fflush($file) || ! fsync($file)) {
            @unlink($beside);
            throw new \RuntimeException('The photograph could not be written.');
        }
        fclose($file);
        chmod($beside, 0600);
        rename($beside, $this->path($id));

        return $this->note($id);
    }

    /** What a file that is there is known by from now on. */
    public function note(string $id): string
    {
        $path = $this->path($id);
        $hash = (string) hash_file('sha256', $path);
        [$width, $height] = @getimagesize($path) ?: [0, 0];
        DB::transaction(static fn () => DB::table('photographs')->insertOrIgnore([
            'id' => $id, 'hash' => $hash, 'bytes' => (int) filesize($path), 'width' => $width, 'height' => $height, 'kept_at' => CarbonImmutable::now('UTC')->format('Y-m-d H:i:s.uP'),
        ]));

        return $hash;
    }

    /** Those from a version that did not know them: how many are known from now on. */
    public function noteAll(): int
    {
        $known = array_flip(DB::table('photographs')->pluck('id')->map(static fn (mixed $id): string => is_string($id) ? $id : '')->all());
        $files = array_filter(glob($this->folder.'/*.jpg') ?: [], static fn (string $file): bool => preg_match('~/[0-9a-f-]{36}\.jpg$~D', $file) === 1 && ! isset($known[basename($file, '.jpg')]));
        foreach ($files as $file) {
            $this->note(basename($file, '.jpg'));
        }

        return count($files);
    }

    public function state(string $id, string $hash): PhotographState
    {
        return match (true) {
            ! is_file($this->path($id)) => PhotographState::Gone,
            hash_file('sha256', $this->path($id)) === $hash => PhotographState::Sound,
            default => PhotographState::Changed,
        };
    }

    /** Takes over what lies in another folder: a sound one wins over one that was changed, which is kept aside. */
    public function takeOver(self $others): void
    {
        foreach (DB::table('photographs')->get(['id', 'hash']) as $row) {
            [$id, $hash] = [Row::of($row)->text('id'), Row::of($row)->text('hash')];
            if ($others->state($id, $hash) === PhotographState::Sound && $this->state($id, $hash) !== PhotographState::Sound) {
                is_dir($this->folder.'/'.self::ASIDE) || mkdir($this->folder.'/'.self::ASIDE, 0700, true);
                if (is_file($this->path($id))) {
                    rename($this->path($id), sprintf('%s/%s/%s.%s.jpg', $this->folder, self::ASIDE, $id, CarbonImmutable::now()->format('Ymd-His')));
                }
                copy($others->path($id), $this->path($id).'.part');
                chmod($this->path($id).'.part', 0600);
                rename($this->path($id).'.part', $this->path($id));
            }
        }
    }
}
