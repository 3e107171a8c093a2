<?php

return [
    'default' => 'daily',
    'channels' => [
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/moltrek.log'), 'level' => 'warning', 'days' => 14],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
