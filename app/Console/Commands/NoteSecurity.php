<?php

namespace App\Console\Commands;

use App\Upkeep\SecurityEvent;
use App\Upkeep\SecurityLog;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Schema;

/** What the shop's commands do that its owner wants to know of. */
final class NoteSecurity extends Command
{
    protected $signature = 'moltrek:note-security {what} {about?}';

    protected $description = 'Write a line into the log of security';

    public function handle(): int
    {
        $what = $this->argument('what');
        $about = $this->argument('about');
        if (Schema::hasTable('security_log')) {
            SecurityLog::note(SecurityEvent::from(is_string($what) ? $what : ''), about: is_string($about) ? $about : '');
        }

        return self::SUCCESS;
    }
}
