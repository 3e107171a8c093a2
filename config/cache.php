<?php

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'file' => ['driver' => 'file', 'path' => env('CACHE_PATH', storage_path('framework/cache/data'))],
        'array' => ['driver' => 'array'],
        'database' => ['driver' => 'database', 'table' => 'cache', 'lock_table' => 'cache_locks'],
    ],

    // tries are counted where all workers and servers see them, one after another
    'limiter' => 'database',
    'prefix' => 'moltrek',
];
