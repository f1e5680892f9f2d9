<?php

declare(strict_types=1);

namespace App\Library\Queries;

use App\Library\Models\StoredRevision;
use Illuminate\Support\Facades\Cache;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Plan\Expander;

/**
 * What a list shows of a revision: its letter, its line, how many steps it has, and its map. A revision never changes, so
 * this is made once by each version of the code, and kept beside.
 *
 * @phpstan-type Face array{id: string, letter: string, line: string, rounds: list<string>, steps: int, sketch: array<string, mixed>}
 */
final class RevisionFaces
{
    /**
     * @param  array<string>  $revisions
     * @return array<string, Face> by revision
     */
    public static function of(array $revisions): array
    {
        $revisions = array_values(array_unique($revisions));
        $name = 'revision-face:'.config('shop.code').':';
        /** @var array<string, Face> $faces */
        $faces = [];
        foreach (Cache::many(array_map(fn (string $r): string => $name.$r, $revisions)) as $key => $face) {
            if (is_array($face)) {
                /** @var Face $face */
                $faces[substr((string) $key, strlen($name))] = $face;
            }
        }
        $missing = array_values(array_diff($revisions, array_keys($faces)));
        foreach ($missing === [] ? [] : StoredRevision::query()->findMany($missing) as $stored) {
            $faces[$stored->id] = self::made($stored);
            Cache::forever($name.$stored->id, $faces[$stored->id]);
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
