<?php

// Run once when PHP-FPM starts: what every request needs is then compiled and linked before the first of them. Which
// classes those are, tekkal:preload has written down; without its list workers load them as they go.
$listed = @include(getenv('TEKKAL_VAR') ?: dirname(__DIR__).'/var').'/cache/preload.php';
foreach (is_array($listed) ? $listed : [] as $file) {
    opcache_compile_file($file);
}
