<?php

return [
    App\Providers\PlayServiceProvider::class,
    App\Providers\AppServiceProvider::class,
];
