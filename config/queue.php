<?php

return ['default' => 'sync', 'connections' => ['sync' => ['driver' => 'sync']]];
