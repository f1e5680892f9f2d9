<?php

declare(strict_types=1);

namespace App\Library\Queries;

use App\Library\Models\StoredRevision;
use Illuminate\Support\Facades\Cache;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Plan\Expander;

/**
 * What a list shows of a revision: its letter, its line, how many steps it has, and its map. A revision never changes, so this is made once and kept
 * beside; a release that tells lines otherwise keeps it under another name.
 *
 * @phpstan-type Face array{id: string, letter: string, line: string, rounds: list<string>, steps: int, sketch: array<string, mixed>}
 */
final class RevisionFaces
{
    private const NAME = 'revision-face-1:';

    /**
     * @param  array<string>  $revisions
     * @return array<string, Face> by revision
     */
    public static function of(array $revisions): array
    {
        $revisions = array_values(array_unique($revisions));
        /** @var array<string, Face> $faces */
        $faces = [];
        foreach (Cache::many(array_map(fn (string $r): string => self::NAME.$r, $revisions)) as $name => $face) {
            if (is_array($face)) {
                /** @var Face $face */
                $faces[substr((string) $name, strlen(self::NAME))] = $face;
            }
        }
        $missing = array_values(array_diff($revisions, array_keys($faces)));
        foreach ($missing === [] ? [] : StoredRevision::query()->findMany($missing) as $stored) {
            $faces[$stored->id] = self::made($stored);
            Cache::forever(self::NAME.$stored->id, $faces[$stored->id]);
        }

        return $faces;
    }

    /** @return Face */
    private static function made(StoredRevision $stored): array
    {
        $document = CanonicalJson::decode($stored->document);
        $revision = DocumentReader::read($document);
        $line = $revision->tighteningLine();

        return [
            'id' => $stored->id, 'letter' => $stored->letter, 'line' => $line->typeset(), 'rounds' => $line->rounds(),
            'steps' => count(Expander::expand($revision)->steps), 'sketch' => MapSketch::of($document),
        ];
    }
}
