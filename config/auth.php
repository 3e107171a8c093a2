<?php

use App\Models\User;

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'users'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users', 'remember' => 30 * 24 * 60]],
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => User::class]],
];
