<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/**
 * Pictures of how a fastener, a round or a check must look, or of how it must not: right beside wrong. A document names each
 * by the SHA-256 of its bytes, which lie beside it.
 */
final class Picture
{
    /** Reads them only to say what is wrong with them: no rule rests on a picture. */
    public static function read(ObjectReader $f): void
    {
        foreach ($f->optionalObjects('pictures') as $p) {
            if (preg_match('/^([0-9a-f]{64})?$/D', $p->string('file')) !== 1) {
                $p->problem('file', 'the SHA-256 of a picture is wanted, 64 hex digits');
            }
            $p->oneOf('shows', ['right', 'wrong']);
            $p->string('says');
            $p->close();
        }
    }

    /**
     * Of one fastener, round or check of a document that was read.
     *
     * @param  array<mixed>  $thing
     * @return list<array{file: string, shows: string, says: string}>
     */
    public static function of(array $thing): array
    {
        $text = fn (mixed $p, string $key): string => is_array($p) && is_string($p[$key] ?? null) ? $p[$key] : '';

        return array_map(fn (mixed $p): array => ['file' => $text($p, 'file'), 'shows' => $text($p, 'shows'), 'says' => $text($p, 'says')], is_array($thing['pictures'] ?? null) ? array_values($thing['pictures']) : []);
    }

    /**
     * @param  array<mixed>  $document
     * @return list<string> the hashes of all its pictures, each once
     */
    public static function filesIn(array $document): array
    {
        $files = [];
        foreach ([...array_values(AsWritten::things($document, 'fasteners')), ...array_values(AsWritten::things($document, 'checks')), ...array_values(AsWritten::stages($document))] as $thing) {
            array_push($files, ...array_column(self::of($thing), 'file'));
        }

        return array_values(array_unique($files));
    }
}
