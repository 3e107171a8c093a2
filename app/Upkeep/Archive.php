<?php

namespace App\Upkeep;

/**
 * A packed folder (tar, gzip) that somebody hands in. It is not trusted: only plain files whose names are expected are taken, each
 * under its own name below the folder that is given; no link, device or path leaves it. How much there is, and how large, is known
 * and bounded before the first file is written; and each must agree with the checksums that the archive carries.
 * Source of the form: POSIX.1-1988, ustar.
 */
final readonly class Archive
{
    private const BLOCK = 512;

    private const PIECE = 1 << 20;

    /** What every archive has beside what it is for. */
    private const OWN = ['~^SHA256SUMS$~D' => 64 << 20, '~^SEAL$~D' => 100];

    /**
     * @param  array<string, int>  $expected  how many bytes a file may have, by a pattern of its name
     * @param  int  $most  how many files there may be
     * @param  string  $under  the folder that all of it is packed in, left out of the names
     */
    public function __construct(private string $file, private array $expected, private int $most, private string $under = '')
    {
    }

    /**
     * Writes what is in it below a folder that is empty.
     *
     * @return list<string> the names of what was written, checksums left out
     *
     * @throws BadArchive
     */
    public function unpackInto(string $folder): array
    {
        [$count, $bytes] = [0, 0];
        $this->walk(function (string $name, int $size) use (&$count, &$bytes): void {
            $bytes += $size;
            if (++$count > $this->most) {
                throw BadArchive::tooLarge($this->name(), "more than {$this->most} files");
            }
        });
        $free = (int) disk_free_space($folder);
        if ($bytes > $free * 0.9) {
            throw BadArchive::tooLarge($this->name(), sprintf('it unpacks to %d MB, and %d MB of the disk are free', $bytes >> 20, $free >> 20));
        }
        $sums = [];
        $this->walk(function (string $name, int $size, callable $pieces) use ($folder, &$sums): void {
            $sums[$name] = self::write($folder.'/'.$name, $pieces);
        });

        return $this->agreed($folder, $sums);
    }

    /** One file out of it, where it is there and no larger than this; null otherwise. For a first look: nothing else is checked. */
    public function peek(string $wanted, int $largest): ?string
    {
        $found = null;
        try {
            $this->walk(static function (string $name, int $size, callable $pieces) use ($wanted, $largest, &$found): void {
                $found = $name === $wanted && $size <= $largest ? implode('', iterator_to_array($pieces(), false)) : $found;
            });
        } catch (BadArchive) {
            // what is wrong with it is said when it is read whole
        }

        return $found;
    }

    /**
     * Every file in it, in its order.
     *
     * @param  callable(string, int, callable(): iterable<string>): void  $visit  its name, its size, and what is in it, piece by piece
     *
     * @throws BadArchive
     */
    private function walk(callable $visit): void
    {
        $stream = @gzopen($this->file, 'rb');
        if ($stream === false) {
            throw BadArchive::notOurs($this->name());
        }
        try {
            $seen = [];
            while (trim($head = $this->exactly($stream, self::BLOCK, $seen === []), "\0") !== '') {
                [$name, $size] = $this->told($head);
                if ($name === null) {
                    continue;
                }
                if (isset($seen[$name])) {
                    throw BadArchive::strange($this->name(), "$name a second time");
                }
                $seen[$name] = true;
                $left = $size;
                $pieces = function () use ($stream, &$left): iterable {
                    while ($left > 0) {
                        $piece = $this->exactly($stream, min($left, self::PIECE));
                        $left -= strlen($piece);
                        yield $piece;
                    }
                };
                $visit($name, $size, $pieces);
                foreach ($pieces() as $_) {
                    // what nobody asked for is passed over
                }
                $this->exactly($stream, (self::BLOCK - $size % self::BLOCK) % self::BLOCK);
            }
        } finally {
            gzclose($stream);
        }
    }

    /**
     * What a head says: the name of a file and its size; no name for a folder.
     *
     * @return array{string|null, int}
     */
    private function told(string $head): array
    {
        $sum = array_sum(array_map(ord(...), str_split(substr_replace($head, str_repeat(' ', 8), 148, 8))));
        if (octdec(trim(substr($head, 148, 8), "\0 ")) !== $sum || ! str_starts_with(substr($head, 257, 6), 'ustar')) {
            throw BadArchive::notOurs($this->name());
        }
        $name = rtrim(substr($head, 345, 155), "\0");
        $name = preg_replace('~^\./~', '', ($name === '' ? '' : $name.'/').rtrim(substr($head, 0, 100), "\0")) ?? '';
        if ($head[156] === '5') {
            return [null, 0];
        }
        $shown = mb_substr(preg_replace('/[^\x20-\x7E]/', '?', $name) ?? '', 0, 80);
        if ($head[156] !== '0' && $head[156] !== "\0") {
            throw BadArchive::strange($this->name(), "$shown, which is no plain file");
        }
        $size = self::number(substr($head, 124, 12));
        if (! str_starts_with($name, $this->under)) {
            throw BadArchive::strange($this->name(), $shown);
        }
        $name = substr($name, strlen($this->under));
        foreach (self::OWN + $this->expected as $pattern => $largest) {
            if (preg_match($pattern, $name) === 1) {
                return $size <= $largest ? [$name, $size] : throw BadArchive::tooLarge($this->name(), sprintf('%s has %d bytes, and may have %d', $shown, $size, $largest));
            }
        }
        throw BadArchive::strange($this->name(), $shown);
    }

    /** A size: octal digits, or for large ones bytes after a first bit that is set. */
    private static function number(string $field): int
    {
        if (ord($field[0]) < 128) {
            return (int) octdec(trim($field, "\0 "));
        }

        return (int) array_reduce(str_split(substr($field, 4)), static fn (int $value, string $byte): int => $value << 8 | ord($byte), 0);
    }

    /** @param  callable(): iterable<string>  $pieces */
    private static function write(string $path, callable $pieces): string
    {
        is_dir(dirname($path)) || mkdir(dirname($path), 0700, true);
        // a file that is there already is none of this archive's
        $file = fopen($path, 'x') ?: throw BadArchive::says(basename($path), 'it stands there already');
        $hash = hash_init('sha256');
        foreach ($pieces() as $piece) {
            hash_update($hash, $piece);
            fwrite($file, $piece) === strlen($piece) || throw BadArchive::tooLarge(basename($path), 'the disk is full');
        }
        fclose($file);

        return hash_final($hash);
    }

    /**
     * @param  array<string, string>  $sums  what was written, by name
     * @return list<string>
     */
    private function agreed(string $folder, array $sums): array
    {
        if (! isset($sums[Sums::FILE])) {
            throw BadArchive::notOurs($this->name());
        }
        $said = (new Sums($folder))->said();
        unset($sums[Sums::FILE], $sums[Sums::SEAL]);
        foreach ($sums + $said as $name => $_) {
            if (($sums[$name] ?? null) !== ($said[$name] ?? null)) {
                throw isset($sums[$name]) ? BadArchive::differs($this->name(), (string) $name) : BadArchive::says($this->name(), "$name is missing");
            }
        }

        return array_map(strval(...), array_keys($sums));
    }

    /** @param  resource  $stream */
    private function exactly($stream, int $bytes, bool $isFirst = false): string
    {
        $read = '';
        while (strlen($read) < $bytes) {
            $piece = @gzread($stream, min(self::PIECE, $bytes - strlen($read)));
            if ($piece === false || $piece === '') {
                throw $isFirst ? BadArchive::notOurs($this->name()) : BadArchive::cutOff($this->name());
            }
            $read .= $piece;
        }

        return $read;
    }

    private function name(): string
    {
        return basename($this->file);
    }
}
