<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/**
 * What a procedure that was begun with its line still wants, as questions in the order that saves most work: bolts and
 * their places first, since order, paint and plausibility follow from them. Nothing is assumed meanwhile. Common practice, no source.
 */
final class FirstQuestions
{
    /** Rounds whose result lies in a window around what was aimed at. */
    private const IN_A_WINDOW = ['torque', 'turn', 'stretch', 'hold'];

    /** By key: what is asked, why, in which part of the editor it is answered, what the way there says, and which problems of the document it stands for. */
    private const ASKED = [
        'rounds' => ['What is done, round by round?', 'Type it as a line, or add the rounds one by one.', 'rounds', 'Say it', '~^/stages$~'],
        'bolts' => ['Which bolts are they?', 'Thread, length and class decide whether %s is believable; nothing is assumed.', 'fasteners', 'Say which bolt', '~^/fasteners$|^/groups(/\d+/fastener)?$~'],
        'places' => ['Where do they sit?', 'Draw them, or bring a list of x and y in mm. Order and paint follow from it.', 'map', 'Draw the map', '~^/map/positions$|/sequence$|^/sequences~'],
        'paper' => ['Whose figure is %s?', 'A manual, a sheet or the shop; with its page.%s', 'sources', 'Name the paper', '~^/sources$|/(target|window)_source$~'],
        'surfaces' => ['Dry, oiled or sealed?', 'Threads and under the head, each by itself. The same torque is another clamp load.', 'fasteners', 'Say it', '~^/surfaces$|^/surfaces/\d+/condition$~'],
        'reuse' => ['May the bolts serve again?', 'Never, by a measured check, up to a count, or freely.', 'fasteners', 'Say it', '~^/fasteners/\d+/reuse$~'],
        'windows' => ['How close is close enough?', 'The limits that the paper prints, or the shop’s window for bare figures.', 'rounds', 'Say it', '~/targets/\d+/(low|high|window_standard)$~'],
        'risk' => ['How much hangs on it?', 'Risk class A, B or C. It sets what must be measured and who looks.', 'joint', 'Say it', '~^/risk_class$~'],
    ];

    /**
     * @param  array<mixed>  $document  as far as it is written
     * @return list<array{key: string, asks: string, why: string, part: string, verb: string}>
     */
    public static function of(array $document): array
    {
        $figures = self::figures($document);
        $open = array_filter([
            'rounds' => self::items($document, 'stages') === [],
            'bolts' => self::items($document, 'fasteners') === [],
            'places' => self::items((array) ($document['map'] ?? []), 'positions') === [],
            'paper' => self::items($document, 'sources') === [],
            'surfaces' => self::items($document, 'surfaces') === [] || self::lacks($document, 'surfaces', 'condition'),
            'reuse' => self::items($document, 'fasteners') === [] || self::lacks($document, 'fasteners', 'reuse'),
            'windows' => array_filter(self::targets($document, self::IN_A_WINDOW), fn (array $t): bool => is_string($t['target'] ?? null) && array_intersect_key($t, ['low' => 0, 'high' => 0, 'tolerance' => 0, 'window_standard' => 0]) === []) !== [],
            'risk' => ! is_string($document['risk_class'] ?? null) || $document['risk_class'] === '',
        ]);

        return array_map(fn (string $key): array => self::asked($key, $figures), array_keys($open));
    }

    /**
     * Is a problem of the document one that these questions ask for already?
     *
     * @param  list<array{key: string}>  $questions
     */
    public static function cover(array $questions, Problem $problem): bool
    {
        foreach ($questions as $question) {
            if (preg_match(self::ASKED[$question['key']][4], $problem->pointer) === 1) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<string>  $figures
     * @return array{key: string, asks: string, why: string, part: string, verb: string}
     */
    private static function asked(string $key, array $figures): array
    {
        [$asks, $why, $part, $verb] = self::ASKED[$key];
        $last = $figures === [] ? null : $figures[count($figures) - 1];
        $others = array_slice($figures, 0, -1);

        return [
            'key' => $key, 'asks' => $key === 'paper' ? sprintf($asks, $last ?? 'it') : $asks,
            'why' => match ($key) {
                'bolts' => sprintf($why, $last ?? 'a torque'),
                'paper' => sprintf($why, $others === [] ? '' : sprintf(' %s %s the same.', implode(', ', $others), count($others) === 1 ? 'wants' : 'want')),
                default => $why,
            },
            'part' => $part, 'verb' => $verb,
        ];
    }

    /**
     * @param  array<mixed>  $document
     * @return list<string> what is aimed at, as it was typed, each once
     */
    private static function figures(array $document): array
    {
        return array_values(array_unique(array_filter(array_map(fn (array $t): mixed => $t['target'] ?? null, self::targets($document)), fn (mixed $v): bool => is_string($v) && $v !== '')));
    }

    /**
     * @param  array<mixed>  $document
     * @param  list<string>|null  $of  rounds of these kinds; null: of all
     * @return list<array<mixed>>
     */
    private static function targets(array $document, ?array $of = null): array
    {
        $stages = self::items($document, 'stages');
        $within = array_merge($stages, ...array_map(fn (array $s): array => self::items($s, 'stages'), $stages));

        $within = array_filter($within, fn (array $s): bool => $of === null || in_array($s['kind'] ?? '', $of, true));

        return array_merge([], ...array_map(fn (array $s): array => self::items($s, 'targets'), array_values($within)));
    }

    /** @param  array<mixed>  $document */
    private static function lacks(array $document, string $list, string $field): bool
    {
        return array_filter(self::items($document, $list), fn (array $of): bool => ! is_string($of[$field] ?? null) || $of[$field] === '') !== [];
    }

    /**
     * @param  array<mixed>  $of
     * @return list<array<mixed>>
     */
    private static function items(array $of, string $list): array
    {
        return array_values(array_filter(is_array($of[$list] ?? null) ? $of[$list] : [], is_array(...)));
    }
}
