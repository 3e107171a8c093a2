<?php

use App\Upkeep\PlainLog;

return [
    'default' => 'daily',
    'channels' => [
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/moltrek.log'), 'level' => 'warning', 'days' => 14, 'tap' => [PlainLog::class]],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
