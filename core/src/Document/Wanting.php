<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Unit\Letters;

/**
 * A problem of a document in the words of the person who writes the procedure: at which round, group or fastener, by its
 * name, and what to do about it. The pointer and the words of the language remain for those who write documents as text.
 */
final readonly class Wanting
{
    /** What the lists of a document hold, one of them and none of them. */
    private const LISTS = [
        'sources' => ['source', 'it is not said yet where the numbers come from; enter a source'], 'fasteners' => ['fastener', 'no fastener is described yet; describe one'],
        'groups' => ['group', 'no group of fasteners is there yet; make one'], 'positions' => ['position', 'no bolt stands on the map yet; set the first'],
        'parts' => ['part', 'the map has no part yet; name one'], 'stages' => ['round', 'there is no round yet; add one'], 'targets' => ['target', 'it is not said yet to what value; enter a target'],
        'checks' => ['check', 'no check is described yet; describe one'], 'surfaces' => ['surface', 'it is not said yet how the surfaces are, oiled or dry; say so'],
        'sequences' => ['order', 'no order is there yet; make one'], 'window_standards' => ['window standard', 'no window is there yet; make one'],
        'consumables' => ['consumable', 'no consumable is there yet; name one'], 'conflicts' => ['conflict', 'no conflict is described'], 'sides' => ['side', 'it is not said who says what; enter both sides'],
        'cautions' => ['caution', 'no caution is written'], 'legs' => ['leg', 'it is not said what is tightened before and after; enter the legs'], 'marks' => ['mark', 'no mark is described'],
        'fault_overrides' => ['rule for a fault', 'no rule is written'], 'strokes' => ['stroke', 'no stroke is described'], 'pictures' => ['picture', 'no picture is there'],
        'aids' => ['aid', 'no aid is described'], 'adapters' => ['adapter', 'no adapter is described'], 'turn_stops' => ['reason not to turn the shaft', 'no reason is written'], 'watched' => ['watched value', 'no watched value is described'],
    ];

    /** Fields whose name alone says too little; what is asked where nothing stands. */
    private const FIELDS = [
        'why' => ['reason', 'it is not said yet why; the person at the bench reads it'], 'family' => ['engine family', 'the engine family is not named yet'],
        'joint' => ['joint', 'the joint is not named yet'], 'option' => ['option', 'it is not said for which option it holds'], 'risk_class' => ['risk class', 'the risk class is not chosen yet'], 'reuse' => ['reuse', 'it is not said yet whether it may serve again'], 'condition' => ['surface', 'it is not said yet how it is, oiled or dry'],
        'target_source' => ['source of the target', 'it is not said where the value stands'], 'window_source' => ['source of the window', 'it is not said where the window stands'],
        'window_standard' => ['window', 'it is not said how far off it may be'], 'low' => ['lower limit', 'it is not said how low it may be'], 'high' => ['upper limit', 'it is not said how high it may be'],
        'method' => ['method', 'it is not said how it is measured'], 'check' => ['check', 'it is not said which check is meant'], 'threshold' => ['threshold', 'it is not said from which torque the angle counts'],
        'says' => ['what it shows', 'it is not said yet what is to be seen on it'], 'number' => ['number', 'it has no number yet'], 'looks' => ['look', 'it is not said yet how it looks'], 'after' => ['round', 'it is not said after which round'],
        'map' => ['map', 'the map is not drawn yet'], 'width' => ['width', 'it has no width yet'], 'height' => ['height', 'it has no height yet'], 'front' => ['front', 'it is not said where the front is'],
        'thread' => ['thread', 'the thread is not entered yet'], 'strength' => ['strength class', 'the strength class is not entered yet'], 'fastener' => ['fastener', 'it is not said which fastener'],
        'sequence' => ['order', 'it has no order yet'], 'key' => ['short name', 'it has no short name yet'], 'name' => ['name', 'it has no name yet'], 'kind' => ['kind', 'its kind is not chosen yet'], 'x' => ['place across', 'it has no place across yet'], 'y' => ['place down', 'it has no place down yet'],
    ];

    /** Where in the editor it is mended, by the document's first field. */
    private const PARTS = [
        'fasteners' => 'fasteners', 'groups' => 'fasteners', 'surfaces' => 'fasteners', 'consumables' => 'fasteners', 'map' => 'map', 'sequences' => 'orders', 'sources' => 'sources', 'window_standards' => 'sources',
        'conflicts' => 'sources', 'stages' => 'rounds', 'checks' => 'checks', 'cautions' => 'bench', 'marks' => 'bench', 'fault_overrides' => 'bench', 'aids' => 'bench', 'adapters' => 'bench', 'turn_stops' => 'bench',
    ];

    private const LONGEST_NAME = 60;

    /**
     * @param  string  $place  at what, such as "Round “Snug”, 2nd target"; "" for the procedure itself
     * @param  string  $says  what is wanting, without its full stop; a sentence of its own where there is no place
     * @param  string|null  $part  of the editor: joint, fasteners, map, orders, sources, rounds, checks, bench; null where it is of several
     * @param  string|null  $stage  key of the round it lies in
     */
    private function __construct(public string $pointer, public string $place, public string $says, public ?string $part, public ?string $stage)
    {
    }

    /** @param  array<mixed>  $document */
    public static function of(array $document, Problem $problem): self
    {
        return self::at($document, $problem->pointer, self::says($document, $problem));
    }

    /**
     * What stands in the way of a signature, whatever else is in order.
     *
     * @param  array<mixed>  $document  the one the revision was read from
     * @return list<self>
     */
    public static function blocking(Revision $revision, array $document): array
    {
        return array_map(fn (MissingValue|string $why): self => is_string($why)
            ? new self('', '', ucfirst(rtrim($why, '.')), null, null)
            : self::at($document, $why->pointer, sprintf('the value is missing (%s)', $why->why)), $revision->blockers());
    }

    /**
     * Where it allows less than the shop wants of its risk class.
     *
     * @param  array<mixed>  $document  the one the revision was read from
     * @return list<self>
     */
    public static function short(Revision $revision, array $document, RiskRules $rules): array
    {
        $short = [];
        foreach ($rules->fallsShort($revision) as $stage => $why) {
            $pointer = self::pointerTo($document, (string) $stage);
            array_push($short, ...array_map(fn (string $says): self => self::at($document, $pointer, $says), $why));
        }

        return $short;
    }

    /** @param  array<mixed>  $document */
    private static function pointerTo(array $document, string $stage): string
    {
        foreach (self::items($document) as $i => $block) {
            if (($block['key'] ?? null) === $stage) {
                return "/stages/$i";
            }
            foreach (self::items($block) as $j => $within) {
                if (($within['key'] ?? null) === $stage) {
                    return "/stages/$i/stages/$j";
                }
            }
        }

        return '';
    }

    /**
     * @param  array<mixed>  $of
     * @return array<array<mixed>>
     */
    private static function items(array $of): array
    {
        return array_filter(is_array($of['stages'] ?? null) ? $of['stages'] : [], is_array(...));
    }

    /**
     * The same as sentences.
     *
     * @param  array<mixed>  $document  the one the revision was read from
     * @return list<string>
     */
    public static function blockers(Revision $revision, array $document): array
    {
        return array_map(fn (self $w): string => $w->sentence(), self::blocking($revision, $document));
    }

    /** "Round “Snug”, target: to what value?", as one sentence. */
    public function sentence(): string
    {
        return ($this->place === '' ? '' : "$this->place: ")."$this->says.";
    }

    /** @param  array<mixed>  $document */
    private static function at(array $document, string $pointer, string $says): self
    {
        [$words, $stage] = self::walk($document, self::steps($pointer));

        return new self($pointer, ucfirst(implode(', ', $words)), $words === [] ? ucfirst($says) : $says, self::PARTS[self::steps($pointer)[0] ?? ''] ?? 'joint', $stage);
    }

    /**
     * @param  array<mixed>  $document
     * @param  list<string>  $steps
     * @return array{list<string>, string|null} the place in words; the key of the round it lies in
     */
    private static function walk(array $document, array $steps): array
    {
        $words = [];
        $stage = null;
        $here = $document;
        foreach ($steps as $i => $step) {
            $here = is_array($here) ? ($here[$step] ?? null) : null;
            $before = $steps[$i - 1] ?? '';
            if (ctype_digit($step) && isset(self::LISTS[$before])) {
                $words[] = self::item($document, $before, (int) $step, $here);
                $stage = $before === 'stages' && is_array($here) && is_string($here['key'] ?? null) ? $here['key'] : $stage;
            } elseif (! isset(self::LISTS[$step]) && ! in_array($step, ['map', 'target'], true) && ! ctype_digit($step)) {
                $words[] = self::field($step);
            }
        }

        return [$words, $stage];
    }

    /** @param  array<mixed>  $document */
    private static function item(array $document, string $list, int $at, mixed $item): string
    {
        $item = is_array($item) ? $item : [];
        $of = $item['name'] ?? $item['number'] ?? $item['title'] ?? null;
        $group = $list === 'targets' ? self::nameOf($document, is_string($item['group'] ?? null) ? $item['group'] : '') : null;

        return match (true) {
            $group !== null => "target for $group",
            is_string($of) && trim($of) !== '' => sprintf('%s “%s”', self::LISTS[$list][0], Letters::first(trim($of), self::LONGEST_NAME)),
            default => sprintf('%s %d', self::LISTS[$list][0], $at + 1),
        };
    }

    private static function field(string $field): string
    {
        return self::FIELDS[$field][0] ?? strtr($field, '_', ' ');
    }

    /** @param  array<mixed>  $document */
    private static function says(array $document, Problem $problem): string
    {
        $steps = self::steps($problem->pointer);
        $field = $steps[count($steps) - 1] ?? '';
        $unnamed = $problem->wanted === ObjectReader::NOTHING_TO_NAME;
        $shape = preg_match('/^(a list of|an object)/', $problem->wanted) === 1;
        if ($problem->found === 'nothing' || $shape) {
            return self::LISTS[$field][1] ?? self::FIELDS[$field][1] ?? ($shape ? 'this cannot be read; enter it anew' : ($unnamed ? 'there is nothing yet that could be chosen' : self::named($document, $problem->wanted)));
        }
        if ($unnamed) {
            return 'what was chosen here is no longer there, and there is no other';
        }
        if (preg_match('/^one of (.*) is wanted$/Ds', $problem->wanted, $m) === 1) {
            return 'what was chosen is not among what there is: '.self::named($document, $m[1]);
        }

        return self::named($document, $problem->wanted).(in_array($problem->found, ['an object', 'a list'], true) ? '' : '; there is '.self::named($document, $problem->found));
    }

    /**
     * Keys in a sentence become the names of what they stand for, and a stage of the language is a round.
     *
     * @param  array<mixed>  $document
     */
    private static function named(array $document, string $sentence): string
    {
        $sentence = (string) preg_replace('/\bstage(?=s?\b)/', 'round', $sentence);

        return (string) preg_replace_callback('/"([a-z][a-z0-9_]*)"|(?<=^|, |one of |: )[a-z][a-z0-9]*(?:_[a-z0-9]+)*(?=,|$| is wanted)/', function (array $m) use ($document): string {
            $name = self::nameOf($document, $m[1] ?? $m[0]);

            return $name === null ? strtr($m[0], '_', ' ') : "“{$name}”";
        }, $sentence);
    }

    /** @param  array<mixed>  $document */
    private static function nameOf(array $document, string $key): ?string
    {
        $map = is_array($document['map'] ?? null) ? $document['map'] : [];
        foreach ([...array_map(fn (string $l): mixed => $document[$l] ?? null, array_keys(self::LISTS)), $map['parts'] ?? null, $map['positions'] ?? null] as $list) {
            foreach (is_array($list) ? $list : [] as $i => $thing) {
                if (is_array($thing) && ($thing['key'] ?? null) === $key && $key !== '') {
                    $name = $thing['name'] ?? $thing['number'] ?? $thing['title'] ?? null;

                    return is_string($name) && trim($name) !== '' ? Letters::first(trim($name), self::LONGEST_NAME) : (($document['stages'] ?? null) === $list ? sprintf('round %d', (int) $i + 1) : null);
                }
            }
        }

        return null;
    }

    /** @return list<string> RFC 6901 */
    private static function steps(string $pointer): array
    {
        return $pointer === '' ? [] : array_map(fn (string $s): string => str_replace(['~1', '~0'], ['/', '~'], $s), array_slice(explode('/', $pointer), 1));
    }
}
