<?php

namespace App\Upkeep;

use Illuminate\Session\FileSessionHandler;

/** Sessions as files that nobody else of the machine may read, and whose age is told by the machine's clock, which dates them. */
final class SessionFiles extends FileSessionHandler
{
    public function read($sessionId): string
    {
        $path = $this->path.'/'.$sessionId;

        return is_file($path) && filemtime($path) >= time() - $this->minutes * 60 ? $this->files->sharedGet($path) : '';
    }

    public function write($sessionId, $data): bool
    {
        $this->files->put($path = $this->path.'/'.$sessionId, $data, true);

        // the umask of whoever serves is not relied on
        return @chmod($path, 0600);
    }
}
