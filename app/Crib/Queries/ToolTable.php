<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\Http\Requests\RegisterToolsRequest;
use App\Crib\Models\ToolRow;
use App\Crib\ToolFields;
use App\Shared\Refused;
use Tekkal\Core\Document\Csv;
use Tekkal\Core\Tool\ToolForm;
use Tekkal\Core\Unit\UnitNames;
use Tekkal\Core\Unit\Written;

/** Tools out of a table, row by row, with what is wrong in each; and the board as a table. */
final class ToolTable
{
    /** What every table of tools has. */
    private const WANTED = ['code', 'name', 'form', 'unit', 'highest', 'resolution'];

    /** @return list<array{fields: array<string, string>, range: string|null, problem: string|null, field: string|null}> */
    public static function read(string $csv): array
    {
        $rows = Csv::rows(TableText::of($csv, 'csv'));
        $head = array_map(fn (string $c): string => strtolower(trim($c)), array_shift($rows) ?? []);
        self::columns($head);
        if ($rows === []) {
            throw Refused::field('csv', 'Below its head the table has no row.', '');
        }
        $seen = ToolRow::query()->pluck('code')->flip()->all();
        $read = [];
        foreach ($rows as $cells) {
            if (count($cells) > count($head)) {
                $read[] = ['fields' => array_combine($head, array_slice($cells, 0, count($head))), 'range' => null, 'problem' => sprintf('The row has %d cells and the head %d; a cell with a comma stands in quotation marks.', count($cells), count($head)), 'field' => null];

                continue;
            }
            $read[] = self::row(array_combine($head, array_pad($cells, count($head), '')), $seen);
        }

        return $read;
    }

    /** @param  list<string>  $head */
    private static function columns(array $head): void
    {
        $known = explode(',', RegisterToolsRequest::FIELDS);
        $odd = array_values(array_diff($head, $known));
        $missing = array_values(array_diff(self::WANTED, $head));
        if (count($head) === 1 && str_contains($head[0], ';')) {
            throw Refused::field('csv', 'The cells are parted by semicolons; commas are wanted, and a point in decimals.', ';');
        }
        if ($missing !== []) {
            throw Refused::field('csv', sprintf('The head of the table has no "%s". Wanted are %s; there may be %s.', $missing[0], implode(', ', self::WANTED), implode(', ', array_diff($known, self::WANTED))), $missing[0]);
        }
        if ($odd !== [] || count(array_unique($head)) !== count($head)) {
            throw Refused::field('csv', sprintf('"%s" is no column of a table of tools, or stands there twice. There may be %s.', $odd[0] ?? '', implode(', ', $known)), $odd[0] ?? '');
        }
    }

    /**
     * @param  array<string, string>  $cells
     * @param  array<array-key, mixed>  $seen  numbers that are taken, by number
     * @return array{fields: array<string, string>, range: string|null, problem: string|null, field: string|null}
     */
    private static function row(array $cells, array &$seen): array
    {
        $fields = self::filled(array_map(trim(...), $cells));
        try {
            $record = ToolFields::read($fields);
        } catch (Refused $e) {
            $field = $e->facts['field'] ?? null;

            return ['fields' => $fields, 'range' => null, 'problem' => $e->getMessage(), 'field' => is_string($field) ? $field : null];
        }
        $taken = isset($seen[$record->code]);
        $seen[$record->code] = true;

        return ['fields' => $record->toFields(), 'range' => $record->range->typeset(), 'problem' => $taken ? "There is a tool $record->code already." : null, 'field' => $taken ? 'code' : null];
    }

    /**
     * What a table leaves out is as the shop does it with tools of that form.
     *
     * @param  array<string, string>  $fields
     * @return array<string, string>
     */
    public static function filled(array $fields): array
    {
        $form = ToolForm::tryFrom(str_replace([' ', '-'], '_', strtolower($fields['form'] ?? '')));
        $rules = $form === null ? null : RuleBook::of($form);
        if ($rules === null) {
            return $fields;
        }
        $unit = UnitNames::tryFromCode($fields['unit'] ?? '') ?? UnitNames::tryFromWords($fields['unit'] ?? '');
        $resolution = $fields['resolution'] ?? '';
        $usual = ['months' => (string) $rules->months, 'cycles' => (string) $rules->cycles];
        if ($unit !== null && preg_match('/^\d+(\.\d+)?$/D', $resolution) === 1) {
            $usual['permissible'] = $rules->permissibleFor(Written::of($resolution, $unit))->code();
        }

        return array_filter($fields, fn (string $v): bool => $v !== '') + $usual;
    }

    /** @param  iterable<ToolStanding>  $standings */
    public static function write(iterable $standings): string
    {
        $columns = [...explode(',', RegisterToolsRequest::FIELDS), 'state', 'due_on'];
        $rows = [];
        foreach ($standings as $standing) {
            $fields = ToolBook::record($standing->tool)->toFields() + ['state' => $standing->tool->state->value, 'due_on' => (string) $standing->dueOn];
            $rows[] = array_map(fn (string $c): string => $fields[$c] ?? '', $columns);
        }

        return Csv::table($columns, $rows);
    }
}
