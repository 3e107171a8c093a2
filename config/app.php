<?php

return [
    'name' => 'Moltrek',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8080'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),

    /** The shop's name, on the sign-in page and on every record. */
    'shop_name' => env('SHOP_NAME', 'Brannoch Slip Engine Room'),

    /** The zone of the shop: dates and times on screen are in it; the database keeps UTC. */
    'shop_zone' => env('SHOP_ZONE', 'Europe/London'),
];
