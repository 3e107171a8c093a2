<?php

// the whole of what was typed counts, however long; what an older version has hashed is taken, and hashed anew at the next sign-in
return [
    'driver' => 'argon2id',
    'argon' => ['memory' => (int) env('HASH_MEMORY', 19_456), 'threads' => 1, 'time' => (int) env('HASH_TIME', 2), 'verify' => false],
    'rehash_on_login' => true,
];
