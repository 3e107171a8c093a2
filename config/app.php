<?php

return [
    'name' => 'Moltrek',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8080'),
    'timezone' => 'UTC',

    /** The names under which this server is spoken to; a request under another is refused. Patterns, one a comma. */
    'hosts' => explode(',', (string) env('APP_HOSTS', '^127\.0\.0\.1$,^localhost$,^\[::1\]$')),

    /** By what the estimator of passwords is run. */
    'node' => env('MOLTREK_NODE', 'node'),

    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'previous_keys' => [],

    /** What the keys of each shop are made from; cookies and vouchers of a shop are locked with one of its own. */
    'installation_key' => env('APP_KEY'),

    /** By how many seconds the clock of the application is ahead of the machine's; for walked stories, by MOLTREK_NOW. */
    'clock_ahead' => env('MOLTREK_CLOCK_AHEAD', 0),

    /** What whoever begins the shop must know, where others than this machine reach it; empty where none do. */
    'setup_code' => env('SETUP_CODE', ''),

    /** Which shop of this installation is spoken to: "own" or "practice"; empty where there is one alone. */
    'shop_key' => '',

    /** Where the photographs of the shop lie; where nothing is said, in the shop's own folder under var/. */
    'photos' => '',
];
