<?php

// who is served works under the application's own role; migrations and the command line are the owner's
$isServed = in_array(PHP_SAPI, ['fpm-fcgi', 'cli-server'], true) || env('MOLTREK_SERVED');

$pgsql = [
    'driver' => 'pgsql',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '5432'),
    'database' => env('DB_DATABASE', 'moltrek'),
    'username' => $isServed ? env('DB_APP_USERNAME', 'moltrek_app') : env('DB_USERNAME', 'moltrek'),
    'password' => $isServed ? env('DB_APP_PASSWORD', '') : env('DB_PASSWORD', ''),
    'charset' => 'utf8',
    'prefix' => '',
    'search_path' => 'public',
    // of several hosts (DB_HOST and DB_PORT as lists) whichever takes writes: a standby that was promoted is found by itself
    'sslmode' => env('DB_SSLMODE', 'prefer').(env('DB_FOLLOW') ? ';target_session_attrs=read-write' : ''),
    'timezone' => 'UTC',
    // the server's workers keep their connection: the handshake of a new one costs more than most requests; and a statement is
    // sent with what it is about in one message, since hardly any is asked twice in a request
    'options' => [PDO::ATTR_TIMEOUT => 5, PDO::ATTR_PERSISTENT => $isServed, PDO::PGSQL_ATTR_DISABLE_PREPARES => true],
];

return [
    'default' => 'pgsql',
    'connections' => [
        'pgsql' => $pgsql,
        'own' => ['database' => env('DB_OWN_DATABASE')] + $pgsql,
    ],

    /** The shops of this installation, each a database of its own; none where it keeps the one above and no other. */
    'shops' => ['own' => env('DB_OWN_DATABASE'), 'practice' => env('DB_PRACTICE_DATABASE')],

    /** The shop of a tablet that has not chosen; the own one once it is begun, where nothing is said. */
    'usual_shop' => env('MOLTREK_USUAL_SHOP'),

    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];
