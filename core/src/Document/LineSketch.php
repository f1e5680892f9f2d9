<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Acceptance\Tolerance;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\TorqueUnit;
use Tekkal\Core\Unit\Understood;

/**
 * A tightening line while it is being typed, for a procedure of which nothing else is known yet: each round is read back as it
 * is understood, and what is not understood is asked about. The groups are those that the line itself names.
 */
final class LineSketch
{
    public const ALL = 'all';

    /** Words that say that a round is done once more as a last pass. */
    private const AGAIN = '/^(again|once more|check torque)\s+/iuD';

    /**
     * @param  list<array{code: string, quantity: string, tolerance: string}>  $windows  of the shop, for every class and tool
     * @return list<array{text: string, title: string, says: string, problem: string|null, offers: list<string>}>
     */
    public static function of(string $line, array $windows = []): array
    {
        $groups = self::groupsIn($line);
        $read = $understood = [];
        foreach (self::rounds($line) as $round) {
            $read[] = $is = self::round($round, implode(' · ', $understood), $groups, $windows);
            $understood = $is['problem'] === null ? [...$understood, $round] : $understood;
        }

        return $read;
    }

    /**
     * What a document begins with: the line's groups, checks and rounds, and nothing that it does not say.
     *
     * @return array{groups: list<array{key: string, name: string}>, checks: list<array<string, string>>, stages: list<array<string, mixed>>}
     *
     * @throws InvalidDocument with every round that is not understood
     */
    public static function begun(string $line): array
    {
        $groups = self::groupsIn($line);
        ['stages' => $stages, 'checks' => $checks] = LineReader::read($line, $groups);

        return ['groups' => array_map(fn (string $key, string $name): array => ['key' => $key, 'name' => $name], array_keys($groups), $groups), 'checks' => $checks, 'stages' => $stages];
    }

    /**
     * Kinds of rounds in their order; what is only looked at or waited for counts for nothing.
     *
     * @return list<string> empty where it is not understood
     */
    public static function kinds(string $line): array
    {
        try {
            $kinds = array_column(LineReader::read($line, self::groupsIn($line))['stages'], 'kind');
        } catch (InvalidDocument) {
            return [];
        }

        return array_values(array_filter(array_map(fn (mixed $k): string => is_string($k) ? $k : '', $kinds), fn (string $k): bool => ! in_array($k, ['check', 'settle', ''], true)));
    }

    /** @return non-empty-array<string, string> names by key, in the order in which the line has them; all where it names none */
    public static function groupsIn(string $line): array
    {
        $names = [];
        foreach (self::rounds($line) as $round) {
            foreach (preg_split('/\s+\/\s+/u', $round) ?: [] as $side) {
                array_push($names, ...self::namesOf($side));
            }
        }
        $groups = [];
        foreach (array_unique($names) as $name) {
            $key = trim((string) preg_replace('/[^a-z0-9]+/', '_', strtolower($name)), '_');
            $groups[$key === '' || ctype_digit($key[0]) ? 'group_'.(count($groups) + 1) : $key] ??= $name;
        }

        return $groups === [] ? [self::ALL => self::ALL] : $groups;
    }

    /** @return list<string> */
    private static function rounds(string $line): array
    {
        return array_values(array_filter(preg_split('/\s+·\s+|\s*[;>|\n]\s*/u', trim($line)) ?: [], fn (string $r): bool => $r !== ''));
    }

    /** @return list<string> the words after a value */
    private static function namesOf(string $side): array
    {
        $words = explode(' ', trim((string) preg_replace('/^(verify|stretch|torque|turn|then)\s+/iu', '', $side)));
        for ($count = count($words); $count > 0; $count--) {
            if (QuantityParser::parse(ltrim(implode(' ', array_slice($words, 0, $count)), '+')) instanceof Understood) {
                $names = preg_split('/\s+and\s+|\s*,\s*/u', trim(implode(' ', array_slice($words, $count)))) ?: [];

                return array_values(array_filter($names, fn (string $n): bool => $n !== '' && strtolower($n) !== self::ALL));
            }
        }

        return [];
    }

    /**
     * @param  array<string, string>  $groups
     * @param  list<array{code: string, quantity: string, tolerance: string}>  $windows
     * @return array{text: string, title: string, says: string, problem: string|null, offers: list<string>}
     */
    private static function round(string $round, string $before, array $groups, array $windows): array
    {
        try {
            $stages = LineReader::read(($before === '' ? '' : "$before · ").$round, $groups)['stages'];
        } catch (InvalidDocument $e) {
            return self::asked($round, $before, $e->problems[count($e->problems) - 1]);
        }
        $stage = $stages[count($stages) - 1];
        $targets = is_array($stage['targets'] ?? null) ? $stage['targets'] : [];

        return ['text' => $round, 'title' => self::title($round, $stage, count($groups) > 1 ? null : 'all bolts'), 'says' => self::says($stage, $targets, $windows), 'problem' => null, 'offers' => []];
    }

    /** @param  array<string, mixed>  $stage */
    private static function title(string $round, array $stage, ?string $whom): string
    {
        return $round.($whom !== null && isset($stage['targets']) && self::namesOf($round) === [] ? ", $whom" : '');
    }

    /**
     * @param  array<string, mixed>  $stage
     * @param  array<mixed>  $targets
     * @param  list<array{code: string, quantity: string, tolerance: string}>  $windows
     */
    private static function says(array $stage, array $targets, array $windows): string
    {
        $first = is_array($targets[0] ?? null) ? $targets[0] : [];
        $threshold = $stage['threshold'] ?? $first['threshold'] ?? null;

        return implode('; ', array_filter([
            match ($stage['kind']) {
                'seat' => isset($stage['at_a_time']) ? 'all around, a little at a time' : 'by hand, no torque read',
                'loosen' => 'it comes loose again before the next',
                'check' => 'somebody looks and says so',
                'settle' => 'nothing is touched meanwhile',
                'verification_pass' => 'a click proves that it is not below',
                default => '',
            },
            is_string($threshold) ? "counted from $threshold" : ($stage['kind'] === 'turn' ? 'counted from which torque?' : ''),
            self::window(is_string($first['target'] ?? null) ? $first['target'] : '', is_string($stage['kind']) ? $stage['kind'] : '', $windows),
        ]));
    }

    /** @param  list<array{code: string, quantity: string, tolerance: string}>  $windows */
    private static function window(string $target, string $kind, array $windows): string
    {
        $read = $target === '' || $kind === 'verification_pass' ? null : QuantityParser::parse($target);
        if (! $read instanceof Understood) {
            return '';
        }
        foreach ($windows as $window) {
            if ($window['quantity'] === $read->value->unit->kind()->value) {
                return sprintf('good %s if %s is taken', Tolerance::printed($window['tolerance'], Kind::from($window['quantity']))->around($read->value)->typeset(), $window['code']);
            }
        }

        return '';
    }

    /** @return list<string> of the torques that came before, the last first */
    private static function unitsIn(string $before): array
    {
        $read = array_map(fn (string $round): ?Understood => ($is = QuantityParser::parse($round, Kind::Torque)) instanceof Understood ? $is : null, self::rounds($before));

        return array_map(fn (Understood $u): string => $u->value->unit->symbol(), array_reverse(array_values(array_filter($read))));
    }

    /** @return array{text: string, title: string, says: string, problem: string|null, offers: list<string>} */
    private static function asked(string $round, string $before, Problem $problem): array
    {
        $again = preg_match(self::AGAIN, $round) === 1;
        $bare = trim((string) preg_replace(self::AGAIN, '', $round));
        if (preg_match('/^\+?\d+(?:[.,]\d+)?$/D', $bare) === 1) {
            $units = array_values(array_unique([...self::unitsIn($before), TorqueUnit::NewtonMetre->symbol(), TorqueUnit::PoundForceFoot->symbol()]));
            $offers = array_map(fn (string $unit): string => ($again ? 'verify ' : '')."$bare $unit", $units);

            return ['text' => $round, 'title' => "$round – of what?", 'says' => implode(', or ', [...$offers, ...($again ? [] : ["+{$bare}°"])]).'?', 'problem' => 'a number without its unit', 'offers' => [...$offers, ...($again ? [] : ["+{$bare}°"])]];
        }
        if ($again && QuantityParser::parse($bare) instanceof Understood) {
            return ['text' => $round, 'title' => $round, 'says' => "once more as a last pass (verify $bare), or another round?", 'problem' => 'as a last pass, or as another round', 'offers' => ["verify $bare", $bare]];
        }

        return ['text' => $round, 'title' => "$round – what is that?", 'says' => $problem->wanted, 'problem' => $problem->wanted, 'offers' => []];
    }
}
