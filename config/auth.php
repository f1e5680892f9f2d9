<?php

return [
    'defaults' => ['guard' => 'web', 'passwords' => null],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'people']],
    'providers' => ['people' => ['driver' => 'present']],
    'passwords' => [],
];
