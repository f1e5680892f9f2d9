<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\CoreException;
use Tekkal\Core\Unit\Duration;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Letters;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;
use Tekkal\Core\Unit\Written;

/**
 * Reads a tightening line as people type it, "seat · 15 lbf·ft · +80° inner / +53° outer · check end play", into the
 * stages of a document to go on from. What a line does not say – source, window, the why – stays to be filled in.
 */
final class LineReader
{
    public const LONGEST = 400;

    /** @var list<array<string, mixed>> */
    private array $stages = [];

    /** @var list<array<string, string>> */
    private array $checks = [];

    private Problems $problems;

    /** @var array<string, string> the torque that each group was last brought to, as printed */
    private array $reached = [];

    /** @param  array<string, string>  $groups  names by key */
    private function __construct(private readonly array $groups)
    {
        $this->problems = new Problems;
    }

    /**
     * @param  array<string, string>  $groups  names by key, of which the line may speak
     * @return array{stages: list<array<string, mixed>>, checks: list<array<string, string>>}
     *
     * @throws InvalidDocument with every round that is not understood
     */
    public static function read(string $line, array $groups): array
    {
        $reader = new self($groups);
        if (Letters::count($line) > self::LONGEST) {
            $reader->problems->add('/line', $line, sprintf('at most %d characters are taken', self::LONGEST));
        }
        // "·" also stands inside lbf·ft: it ends a round only with space around it.
        $rounds = preg_split('/\s+·\s+|\s*[;>|\n]\s*/u', trim($line)) ?: [];
        foreach (array_values(array_filter($rounds, fn (string $r): bool => $r !== '')) as $i => $round) {
            $reader->round($round, $i + 1);
        }
        if ($reader->stages === [] && $reader->problems->count() === 0) {
            $reader->problems->add('/line', $line, 'at least one round is wanted, such as "15 lbf·ft · +80°"');
        }
        $reader->problems->throwIfAny();

        return ['stages' => $reader->stages, 'checks' => $reader->checks];
    }

    private function round(string $round, int $number): void
    {
        $at = "/round $number";
        if (preg_match('/^check:?\s+(.+)$/iuD', $round, $m) === 1) {
            $key = 'check_'.(count($this->checks) + 1);
            $this->checks[] = ['key' => $key, 'kind' => 'confirm', 'name' => $m[1]];
            $this->stages[] = ['key' => "look_$number", 'kind' => 'check', 'check' => $key];
        } elseif (preg_match('/^settle\s+(?:at least\s+)?(.+)$/iuD', $round, $m) === 1) {
            $this->settle($m[1], $number, $at);
        } elseif (preg_match('/^(seat|loosen|slacken),?\s+(.+?)\s+at a time\b.*$/iuD', $round, $m) === 1) {
            $this->littleByLittle($m[1], $m[2], $number, $at);
        } elseif (preg_match('/^(?:loosen|slacken)(?:\s+all|\s+fully)?$/iuD', $round) === 1) {
            $this->stages[] = ['key' => "loosen_$number", 'kind' => 'loosen'];
        } elseif (preg_match('/^(?:back|loosen|slacken)\s+(.+)$/iuD', $round, $m) === 1) {
            $this->back($m[1], $number, $at);
        } elseif (preg_match('/^seat$/iuD', $round) === 1) {
            $this->stages[] = ['key' => "seat_$number", 'kind' => 'seat'];
        } else {
            $this->targets($round, $number, $at);
        }
    }

    private function settle(string $time, int $number, string $at): void
    {
        try {
            Duration::printed($time);
            $this->stages[] = ['key' => "settle_$number", 'kind' => 'settle', 'at_least' => $time];
        } catch (CoreException) {
            $this->problems->add($at, $time, 'a time such as "15 min" is wanted');
        }
    }

    private function littleByLittle(string $verb, string $angle, int $number, string $at): void
    {
        $kind = strtolower($verb) === 'seat' ? 'seat' : 'loosen';
        QuantityParser::parse($angle, Kind::Angle) instanceof Understood
            ? $this->stages[] = ['key' => "{$kind}_$number", 'kind' => $kind, 'at_a_time' => $angle]
            : $this->problems->add($at, $angle, 'an angle such as "1/4 turn" is wanted');
    }

    private function back(string $angle, int $number, string $at): void
    {
        $read = QuantityParser::parse($angle, Kind::Angle);
        $read instanceof Understood
            ? $this->stages[] = ['key' => "back_$number", 'kind' => 'loosen', 'back' => $angle]
            : $this->problems->add($at, $angle, 'an angle such as "1/8 turn" is wanted');
    }

    private function targets(string $round, int $number, string $at): void
    {
        $verify = preg_match('/^verify\s+/iu', $round) === 1;
        $round = preg_replace('/^(verify|stretch|torque|turn|then)\s+/iu', '', $round) ?? $round;
        $targets = $values = [];
        foreach (preg_split('/\s+\/\s+/u', $round) ?: [] as $side) {
            $read = $this->side(trim($side), $at);
            if ($read === null) {
                return;
            }
            $values[] = $read['value'];
            foreach ($read['groups'] as $group) {
                $targets[] = ['group' => $group, 'target' => $read['printed']];
            }
        }
        $kinds = array_unique(array_map(fn (Written $v): string => $v->unit->kind()->value, $values));
        if (count($kinds) !== 1) {
            $this->problems->add($at, $round, 'one quantity in a round is wanted: torques, or angles, or stretches');

            return;
        }
        $kind = $verify ? StageKind::VerificationPass : match ($values[0]->unit->kind()) {
            Kind::Torque => StageKind::Torque,
            Kind::Angle => StageKind::Turn,
            Kind::Length => StageKind::Stretch,
        };
        $stage = ['key' => $kind->value.'_'.$number, 'kind' => $kind->value, 'targets' => $targets];
        $threshold = $this->lastTorque(array_column($targets, 'group'));
        if ($kind === StageKind::Turn && $threshold === null) {
            $stage['targets'] = array_map(fn (array $t): array => $t + array_filter(['threshold' => $this->reached[$t['group']] ?? null], is_string(...)), $targets);
        }
        $this->reached = ($kind === StageKind::Torque ? array_column($targets, 'target', 'group') : []) + $this->reached;
        $this->stages[] = $stage + ($kind === StageKind::Turn && $threshold !== null ? ['threshold' => $threshold] : []) + ($kind === StageKind::Stretch ? ['method' => 'absolute'] : []);
    }

    /** @return array{value: Written, printed: string, groups: list<string>}|null */
    private function side(string $side, string $at): ?array
    {
        $words = explode(' ', $side);
        // The longest beginning that is a value; the rest names groups.
        for ($count = count($words); $count > 0; $count--) {
            $printed = ltrim(implode(' ', array_slice($words, 0, $count)), '+');
            $read = QuantityParser::parse($printed);
            if ($read instanceof Understood) {
                $groups = $this->named(implode(' ', array_slice($words, $count)), $at);

                return $groups === null ? null : ['value' => $read->value, 'printed' => $printed, 'groups' => $groups];
            }
        }
        $this->problems->add($at, $side, 'a value with its unit is wanted, and the group it is for: "+53° outer"');

        return null;
    }

    /** @return list<string>|null keys of the groups that the words name; of all when there are none */
    private function named(string $words, string $at): ?array
    {
        if (trim($words) === '' || Letters::areSame('all', trim($words))) {
            return array_map(strval(...), array_keys($this->groups));
        }
        $keys = [];
        foreach (preg_split('/\s+and\s+|\s*,\s*/u', trim($words)) ?: [] as $name) {
            $found = array_filter($this->groups, fn (string $n, string|int $k): bool => Letters::areSame($n, $name) || (string) $k === strtolower($name), ARRAY_FILTER_USE_BOTH);
            if ($found === []) {
                $this->problems->add($at, $name, 'a group is wanted: '.implode(', ', $this->groups));

                return null;
            }
            $keys[] = (string) array_key_first($found);
        }

        return $keys;
    }

    /**
     * The torque that every one of the groups was last brought to, when it is one value for all.
     *
     * @param  list<string>  $groups
     */
    private function lastTorque(array $groups): ?string
    {
        $printed = array_values(array_unique(array_map(fn (string $group): ?string => $this->reached[$group] ?? null, $groups)));

        return count($printed) === 1 ? $printed[0] : null;
    }
}
