<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Fixtures;

use RuntimeException;
use Tekkal\Core\Document\Block;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Plan\CheckStep;
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

    /**
     * Few of them that have among them every stage kind, every check kind and every traversal that any of them has: again
     * and again the one that adds most for its steps.
     *
     * @return array<string, array<string, mixed>>
     */
    public static function covering(): array
    {
        $features = array_map(self::features(...), $all = self::all());
        [$left, $chosen] = [array_unique(array_merge([], ...array_values(array_map(fn (array $f): array => $f['has'], $features)))), []];
        while ($left !== []) {
            uasort($features, fn (array $a, array $b): int => self::worth($b, $left) <=> self::worth($a, $left));
            $name = (string) array_key_first($features);
            $chosen[$name] = $all[$name];
            $left = array_diff($left, $features[$name]['has']);
        }

        return $chosen;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array{has: list<string>, steps: int}
     */
    public static function features(array $document): array
    {
        $read = DocumentReader::read($document);
        $plan = Expander::expand($read);
        $has = array_map(fn (Block $b): string => 'traversal '.$b->traversal->value, $read->blocks);
        foreach ($plan->steps as $step) {
            $has[] = 'stage '.$step->kind->value;
            $has[] = $step instanceof CheckStep ? 'check '.$plan->checks[$step->check]->kind->value : 'stage '.$step->kind->value;
        }

        return ['has' => array_values(array_unique($has)), 'steps' => count($plan->steps)];
    }

    /**
     * @param  array{has: list<string>, steps: int}  $features
     * @param  array<string>  $left
     */
    private static function worth(array $features, array $left): float
    {
        return count(array_intersect($left, $features['has'])) / (60 + $features['steps']);
    }

    /** @param  array<string, mixed>  $document */
    private static function isWhole(array $document): bool
    {
        return array_filter(Expander::expand(DocumentReader::read($document))->steps, fn (Step $s): bool => $s->goal()?->missing === true) === [];
    }
}
