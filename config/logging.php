<?php

use App\Upkeep\PlainLog;

// for the eyes of whoever runs the server alone; a log that cannot be written to stops nobody
return [
    'default' => 'kept',
    'channels' => [
        'kept' => ['driver' => 'stack', 'channels' => ['daily'], 'ignore_exceptions' => true],
        'daily' => ['driver' => 'daily', 'path' => (env('LOG_FOLDER') ? base_path((string) env('LOG_FOLDER')) : storage_path('logs')).'/moltrek.log', 'level' => 'warning', 'days' => 14, 'permission' => 0600, 'tap' => [PlainLog::class]],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
