<?php

// pinned.php [FOLDER|--write]: compares what Composer installed, in vendor or another folder, with composer.versions: name, version and checksum of every package.
$folder = isset($argv[1]) && $argv[1] !== '--write' ? $argv[1] : 'vendor';
$file = __DIR__."/../../$folder/composer/installed.json";
$installed = is_file($file) ? json_decode((string) file_get_contents($file), true)['packages'] : [];
$found = array_map(fn (array $p): string => $p['name'].':'.ltrim($p['version'], 'v').' '.($p['dist']['shasum'] ?? ''), $installed);
if (in_array('--write', $argv, true)) {
    sort($found);
    file_put_contents(__DIR__.'/../../composer.versions', implode("\n", $found)."\n");
    exit(0);
}
$wanted = file(__DIR__.'/../../composer.versions', FILE_IGNORE_NEW_LINES) ?: [];
foreach (array_diff($wanted, $found) as $line) {
    fwrite(STDERR, "pinned, not installed: $line\n");
}
foreach (array_diff($found, $wanted) as $line) {
    fwrite(STDERR, "installed, not pinned: $line\n");
}
exit(array_diff($wanted, $found) === [] && array_diff($found, $wanted) === [] ? 0 : 1);
