<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** A document as its author wrote it: what no rule asks for, and is compared or shown, is looked up here. */
final class AsWritten
{
    /**
     * @param  array<mixed>  $in  the document, or one of its blocks
     * @return array<string, array<mixed>> the things of a list by key; what has none, or is no list, is left out
     */
    public static function things(array $in, string $list): array
    {
        $things = [];
        foreach (is_array($in[$list] ?? null) ? $in[$list] : [] as $thing) {
            if (is_array($thing) && is_string($thing['key'] ?? null)) {
                $things[$thing['key']] = $thing;
            }
        }

        return $things;
    }

    /**
     * @param  array<mixed>  $document
     * @return array<string, array<mixed>> every round and block by key, those within blocks after those that stand by themselves
     */
    public static function stages(array $document): array
    {
        $stages = self::things($document, 'stages');
        foreach ($stages as $stage) {
            $stages += isset($stage['stages']) ? self::things($stage, 'stages') : [];
        }

        return $stages;
    }
}
