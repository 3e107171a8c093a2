<?php

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'file' => ['driver' => 'file', 'path' => env('CACHE_PATH', storage_path('framework/cache/data'))],
        'array' => ['driver' => 'array'],
    ],
    'prefix' => 'moltrek',
];
