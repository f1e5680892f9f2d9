<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** A picture of how it must look, or of how it must not: right beside wrong. */
final readonly class Picture
{
    /** @param  string  $file  SHA-256 of its bytes, 64 hex digits: the picture itself lies beside the document */
    private function __construct(public string $file, public bool $right, public string $says)
    {
    }

    /**
     * Of one fastener, round or check of a document that was read.
     *
     * @return list<array{file: string, shows: string, says: string}>
     */
    public static function of(mixed $thing): array
    {
        $pictures = is_array($thing) ? $thing['pictures'] ?? [] : [];
        $text = fn (mixed $p, string $key): string => is_array($p) && is_string($p[$key] ?? null) ? $p[$key] : '';

        return array_map(fn (mixed $p): array => ['file' => $text($p, 'file'), 'shows' => $text($p, 'shows'), 'says' => $text($p, 'says')], is_array($pictures) ? array_values($pictures) : []);
    }

    /**
     * @param  array<mixed>  $document
     * @return list<string> the hashes of all its pictures, each once
     */
    public static function filesIn(array $document): array
    {
        $files = [];
        $things = [...self::listOf($document, 'fasteners'), ...self::listOf($document, 'checks')];
        foreach (self::listOf($document, 'stages') as $stage) {
            array_push($things, $stage, ...self::listOf($stage, 'stages'));
        }
        foreach ($things as $thing) {
            array_push($files, ...array_column(self::of($thing), 'file'));
        }

        return array_values(array_unique(array_filter($files, fn (string $f): bool => $f !== '')));
    }

    /**
     * @param  array<mixed>  $document
     * @return mixed the round of this key as the document has it, in a block or by itself
     */
    public static function stageOf(array $document, string $key): mixed
    {
        foreach (self::listOf($document, 'stages') as $stage) {
            foreach ([$stage, ...self::listOf($stage, 'stages')] as $each) {
                if (is_array($each) && ($each['key'] ?? null) === $key && ! isset($each['stages'])) {
                    return $each;
                }
            }
        }

        return null;
    }

    /** @return list<self> */
    public static function readAll(ObjectReader $f): array
    {
        return array_map(function (ObjectReader $p): self {
            $file = $p->string('file');
            if ($file !== '' && preg_match('/^[0-9a-f]{64}$/D', $file) !== 1) {
                $p->problem('file', 'the SHA-256 of a picture is wanted, 64 hex digits');
            }
            $picture = new self($file, $p->oneOf('shows', ['right', 'wrong']) === 'right', $p->string('says'));
            $p->close();

            return $picture;
        }, $f->optionalObjects('pictures'));
    }

    /** @return list<mixed> */
    private static function listOf(mixed $in, string $key): array
    {
        $list = is_array($in) ? $in[$key] ?? [] : [];

        return is_array($list) ? array_values($list) : [];
    }
}
