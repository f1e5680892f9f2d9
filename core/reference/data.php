<?php

declare(strict_types=1);

// The open data sets beside this file, as series by "file:column".

/** @return array<string, list<float>> */
return (function (): array {
    $data = [];
    foreach (glob(__DIR__.'/data/*.csv') ?: [] as $file) {
        $rows = array_map(fn (string $line): array => explode(',', trim($line)), file($file) ?: []);
        foreach (array_shift($rows) ?? [] as $i => $column) {
            $data[basename($file, '.csv').':'.$column] = array_map(fn (array $row): float => (float) ($row[$i] ?? 0), $rows);
        }
    }

    return $data;
})();
