<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Builds\Actions\OpenBuild;
use App\Builds\Opening;
use App\Crib\Queries\TableText;
use App\People\Models\Customer;
use App\Record\BuildFacts;
use App\Record\Models\Subject;
use App\Shared\Refused;
use Tekkal\Core\Document\Csv;

/** Many engines out of a table that somebody pasted: row by row, with what is wrong in each. */
final class BuildTable
{
    /** What a table may have beside the serial; what it leaves out nobody has said. */
    public const COLUMNS = ['serial', 'customer', 'family', 'build', 'variant', 'order_number', 'core', 'received_on', 'due_on', 'waits_for', 'note', 'other_numbers'];

    public const MOST = 200;

    private const YES = ['yes', 'y', '1', 'true'];

    /**
     * @param  string  $customer  the name of whose they are where a row does not say it
     * @param  bool  $waits  have they come in, and stand on no stand yet?
     * @return list<array{fields: array<string, string>, title: string|null, family: string|null, problem: string|null, field: string|null}>
     */
    public static function read(string $text, string $customer, bool $waits): array
    {
        [$head, $rows] = self::parts(Csv::rows(TableText::of($text, 'text')));
        if ($rows === []) {
            throw Refused::field('text', 'There is no serial in it.', '');
        }
        if (count($rows) > self::MOST) {
            throw Refused::field('text', sprintf('These are %d engines; at most %d come in at once.', count($rows), self::MOST), (string) count($rows));
        }
        $seen = [];
        $read = [];
        foreach ($rows as $i => $cells) {
            $fields = array_map(trim(...), array_combine($head, array_pad(array_slice($cells, 0, count($head)), count($head), '')));
            $fields = array_filter($fields, fn (string $v): bool => $v !== '') + ['customer' => $customer, 'waits' => $waits ? 'yes' : ''];
            $read[] = count($cells) > count($head)
                ? self::wrong($fields, sprintf('The row has %d cells and the head %d; a cell with a comma stands in quotation marks.', count($cells), count($head)), null)
                : self::row($fields, $i + 1, $seen);
        }

        return $read;
    }

    /**
     * An engine as its row has it.
     *
     * @param  array<string, string>  $fields
     */
    public static function opening(array $fields): Opening
    {
        $text = fn (string $field): string => $fields[$field] ?? '';
        foreach (BuildFacts::DAYS as $day) {
            if ($text($day) !== '' && ! self::isDay($text($day))) {
                throw Refused::field($day, sprintf('"%s" is no day. Write it as 2026-11-30.', mb_substr($text($day), 0, 20)), $text($day));
            }
        }
        if ($text('build') !== '' && preg_match('/^[1-9]\d{0,3}$/D', $text('build')) !== 1) {
            throw Refused::field('build', sprintf('"%s" is no build number: 1, 2, 3 …', mb_substr($text('build'), 0, 20)), $text('build'));
        }
        $customer = Customer::query()->where('name', $text('customer'))->first() ?? throw Refused::field('customer', $text('customer') === '' ? 'Say whose engine it is, in the row or for all of them.' : sprintf('There is no customer "%s".', mb_substr($text('customer'), 0, 80)), $text('customer'));
        $facts = new BuildFacts(array_intersect_key($fields, array_flip([...BuildFacts::TEXTS, ...BuildFacts::DAYS])));
        self::fits($fields);

        return new Opening(
            $text('serial'), $customer->id, $text('build') === '' ? null : (int) $text('build'), self::orNull($text('family')), in_array(strtolower($text('waits')), self::YES, true), $facts,
            array_values(array_filter(array_map(trim(...), preg_split('/[;|]/', $text('other_numbers')) ?: []), fn (string $s): bool => $s !== '')),
        );
    }

    private static function orNull(string $text): ?string
    {
        return $text === '' ? null : $text;
    }

    private static function isDay(string $text): bool
    {
        return preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $text, $m) === 1 && checkdate((int) $m[2], (int) $m[3], (int) $m[1]);
    }

    /** @param  array<string, string>  $fields */
    private static function fits(array $fields): void
    {
        foreach (BuildFacts::LONGEST as $field => $longest) {
            if (mb_strlen($fields[$field] ?? '') > $longest) {
                throw Refused::field($field, sprintf('%s has %d signs; %d are kept.', str_replace('_', ' ', ucfirst($field)), mb_strlen($fields[$field]), $longest), mb_substr($fields[$field], 0, 40));
            }
        }
    }

    /**
     * @param  list<list<string>>  $rows
     * @return array{non-empty-list<string>, list<list<string>>} its head, and what stands below; without one, serials and whose they are
     */
    private static function parts(array $rows): array
    {
        $head = array_map(fn (string $c): string => str_replace(' ', '_', strtolower(trim($c))), $rows[0] ?? []);
        if (! in_array('serial', $head, true)) {
            return [['serial', 'customer'], $rows];
        }
        $odd = array_values(array_diff($head, self::COLUMNS));
        if ($odd !== [] || count(array_unique($head)) !== count($head)) {
            throw Refused::field('text', sprintf('"%s" is no column of a table of engines, or stands there twice. There may be %s.', $odd[0] ?? '', implode(', ', self::COLUMNS)), $odd[0] ?? '');
        }

        return [$head, array_slice($rows, 1)];
    }

    /**
     * @param  array<string, string>  $fields
     * @param  array<string, int>  $seen  in which row a number stood already
     * @return array{fields: array<string, string>, title: string|null, family: string|null, problem: string|null, field: string|null}
     */
    private static function row(array $fields, int $number, array &$seen): array
    {
        try {
            $opening = self::opening($fields);
            $family = OpenBuild::checked($opening);
            foreach ([$opening->serial, ...$opening->oldSerials] as $serial) {
                if (isset($seen[$serial])) {
                    throw Refused::field('serial', sprintf('%s stands in row %d already.', $serial, $seen[$serial]), $serial);
                }
                $seen[$serial] = $number;
            }

            $fields = array_filter(['variant' => $opening->facts->orElse('variant', VariantOfSerial::of($opening->serial, $family))->text('variant')]) + $fields;

            return ['fields' => $fields, 'title' => Subject::titled($opening->serial, OpenBuild::buildNumber($opening)), 'family' => $family->name, 'problem' => null, 'field' => null];
        } catch (Refused $e) {
            $field = $e->facts['field'] ?? null;
            $next = $e->facts['next_build'] ?? null;

            return self::wrong($fields, $e->getMessage().(is_int($next) ? " Then write build $next in the row." : ''), is_string($field) ? $field : null);
        }
    }

    /**
     * @param  array<string, string>  $fields
     * @return array{fields: array<string, string>, title: null, family: null, problem: string, field: string|null}
     */
    private static function wrong(array $fields, string $problem, ?string $field): array
    {
        return ['fields' => $fields, 'title' => null, 'family' => null, 'problem' => $problem, 'field' => $field];
    }
}
