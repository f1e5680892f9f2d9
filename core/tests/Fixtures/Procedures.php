<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Fixtures;

use RuntimeException;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Plan\Step;

/** Every procedure that ships: the examples of the language and those of the demo. */
final class Procedures
{
    private const FOLDERS = [__DIR__.'/../../../docs/formats/examples', __DIR__.'/../../../database/seeders/demo', __DIR__.'/../../../database/seeders/demo/library'];

    /** @return array<string, array<string, mixed>> documents by name; one whose value is missing yet is carried out by nobody */
    public static function all(): array
    {
        $all = [];
        foreach (self::FOLDERS as $folder) {
            foreach (glob("$folder/*.json") ?: [] as $file) {
                $document = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
                if (! is_array($document)) {
                    throw new RuntimeException($file);
                }
                if (($document['format'] ?? null) === 'tekkal.procedure/1' && self::isWhole($document)) {
                    $all[basename($file, '.json')] = $document;
                }
            }
        }

        return $all;
    }

    /** @param  array<string, mixed>  $document */
    private static function isWhole(array $document): bool
    {
        return array_filter(Expander::expand(DocumentReader::read($document))->steps, fn (Step $s): bool => $s->goal()?->missing === true) === [];
    }
}
