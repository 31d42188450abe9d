<?php

return [
    'default' => 'local',
    // Nothing is served from the disk itself: files of games have a route of their own.
    'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false, 'throw' => true]],
    'links' => [],
];
