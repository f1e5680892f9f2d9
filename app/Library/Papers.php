<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\Storage;

/** Files that are kept by the hash of their bytes: sources' papers, scans of job cards, pictures, and libraries that were looked at. The one place that knows where. */
final class Papers
{
    private const SOURCES = 'sources/';

    private const PICTURES = 'pictures/';

    private const SCANS = 'scans/';

    private const IMPORTS = 'imports/';

    /** @return string the hash that it is known by */
    public static function keepSource(string $bytes): string
    {
        return self::keep(self::SOURCES, $bytes);
    }

    public static function source(string $hash): ?string
    {
        return self::disk()->get(self::SOURCES.$hash);
    }

    /** @return string the hash that it is known by */
    public static function keepScan(string $bytes): string
    {
        return self::keep(self::SCANS, $bytes);
    }

    public static function scan(string $hash): ?string
    {
        return self::disk()->get(self::SCANS.$hash);
    }

    /** @return string the hash that it is known by */
    public static function keepPicture(string $bytes): string
    {
        return self::keep(self::PICTURES, $bytes);
    }

    /** @param  string  $hash  64 hex digits */
    public static function picture(string $hash): ?string
    {
        return self::disk()->get(self::PICTURES.$hash);
    }

    /** @return string the hash that it is known by */
    public static function keepImport(string $bytes): string
    {
        return self::keep(self::IMPORTS, $bytes);
    }

    public static function import(string $hash): string
    {
        return (string) self::disk()->get(self::IMPORTS.$hash);
    }

    /** @param  list<string>  $wanted  hashes of the imports that stay */
    public static function keepImportsOnly(array $wanted): void
    {
        foreach (self::disk()->files(rtrim(self::IMPORTS, '/')) as $file) {
            if (! in_array(basename($file), $wanted, true)) {
                self::disk()->delete($file);
            }
        }
    }

    private static function keep(string $folder, string $bytes): string
    {
        $hash = hash('sha256', $bytes);
        self::disk()->put($folder.$hash, $bytes);

        return $hash;
    }

    private static function disk(): Filesystem
    {
        return Storage::disk('local');
    }
}
