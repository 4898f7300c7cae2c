<?php

declare(strict_types=1);

return [
    'default' => 'local',
    // Nothing that is kept is given out by its path: photographs have a page that asks who wants them.
    'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true]],
];
