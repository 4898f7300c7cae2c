<?php

declare(strict_types=1);

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'users'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'users', 'remember' => 60 * 24 * 30]],
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => App\Models\User::class]],
];
