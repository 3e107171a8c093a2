<?php

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 60 * 24 * 7,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'lottery' => [2, 100],
    'cookie' => 'moltrek_session',
    'path' => '/',
    'domain' => null,
    // over a private connection a cookie goes over no other
    'secure' => null,
    'http_only' => true,
    'same_site' => 'lax',
];
