<?php

// The libraries that Tekkal stands on, with their licences, as their own packages state them: Composer's installed.json,
// npm's lock file with each package's own package.json. Written as Markdown.
$root = dirname(__DIR__, 2);

/** @return list<array{string, string, string, string}> name, version, licence, what for */
$php = function () use ($root): array {
    $installed = json_decode((string) file_get_contents("$root/vendor/composer/installed.json"), true, flags: JSON_THROW_ON_ERROR);
    $dev = array_flip($installed['dev-package-names'] ?? []);

    return array_map(fn (array $p): array => [$p['name'], ltrim($p['version'], 'v'), implode(' or ', $p['license'] ?? []) ?: 'not stated', isset($dev[$p['name']]) ? 'building and testing' : 'running'], $installed['packages']);
};
$node = function () use ($root): array {
    $lock = json_decode((string) file_get_contents("$root/package-lock.json"), true, flags: JSON_THROW_ON_ERROR);
    $rows = [];
    foreach ($lock['packages'] as $path => $entry) {
        $own = @json_decode((string) @file_get_contents("$root/$path/package.json"), true);
        // Packages for other machines than this one stand in the lock file and are not installed.
        if ($path !== '' && is_array($own)) {
            $licence = $own['license'] ?? $entry['license'] ?? ($own['licenses'][0]['type'] ?? 'not stated');
            $name = substr($path, (int) strrpos($path, 'node_modules/') + 13);
            $rows["$name {$own['version']}"] = [$name, $own['version'], is_array($licence) ? ($licence['type'] ?? 'not stated') : $licence, ($entry['dev'] ?? false) ? 'building and testing' : 'running'];
        }
    }

    return array_values($rows);
};

echo "# Libraries of others\n\nMade by `bin/tekkal licences` from what is installed. Each keeps its own licence, whose text lies in its folder under `vendor/` or `node_modules/`. The typeface Archivo ships under the SIL Open Font License 1.1. Debian's packages (MariaDB, nginx, PHP, supervisor, qrencode; Chromium for the tests) are installed by Debian and not part of Tekkal.\n";
foreach (['PHP' => $php(), 'Front end' => $node()] as $title => $rows) {
    usort($rows, fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
    echo "\n## $title\n\n| package | version | licence | used for |\n|---|---|---|---|\n";
    foreach ($rows as $row) {
        echo '| '.implode(' | ', $row)." |\n";
    }
}
