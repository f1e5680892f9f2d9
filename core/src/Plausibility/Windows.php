<?php

declare(strict_types=1);

namespace Tekkal\Core\Plausibility;

use Tekkal\Core\Document\AsWritten;

/**
 * A window standard says how far a value may be from any target; a window from here to there that was typed in its name may
 * say something else, and nobody sees it.
 */
final class Windows
{
    /**
     * @param  array<mixed>  $document
     * @return list<Challenge>
     */
    public static function of(array $document): array
    {
        $standards = array_filter(AsWritten::things($document, 'sources'), fn (array $s): bool => ($s['kind'] ?? null) === 'window_standard');
        $challenges = [];
        foreach ($standards === [] ? [] : AsWritten::stages($document) as $key => $stage) {
            foreach (is_array($stage['targets'] ?? null) ? $stage['targets'] : [] as $target) {
                $source = is_array($target) && is_string($target['window_source'] ?? null) ? $standards[$target['window_source']] ?? null : null;
                if ($source !== null && (isset($target['low']) || isset($target['high']))) {
                    $challenges[] = self::typed((string) $key, array_filter($target, is_string(...)), is_string($source['title'] ?? null) ? $source['title'] : 'a window standard');
                }
            }
        }

        return $challenges;
    }

    /** @param  array<string>  $target */
    private static function typed(string $stage, array $target, string $title): Challenge
    {
        $window = implode('–', array_filter([$target['low'] ?? '', $target['high'] ?? '']));

        return new Challenge(ChallengeKind::TypedWindow, trim("$stage ".($target['group'] ?? '')), sprintf('%s for %s was typed, and %s is cited for it, which says how far from a target and not from where to where. Take that standard’s own tolerance, or cite who prints this window.', $window, $target['target'] ?? 'its target', $title));
    }
}
