<?php

declare(strict_types=1);

return [
    // Nothing of this program is a file that is served: no route to one.
    'default' => 'local',
    'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false]],
];
