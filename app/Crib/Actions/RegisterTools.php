<?php

declare(strict_types=1);

namespace App\Crib\Actions;

use App\Crib\Models\ToolRow;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Ability;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;
use Tekkal\Core\Tool\ToolRecord;

/** Tools come into the crib, one or many at once: all of them or none. */
final readonly class RegisterTools
{
    public function __construct(private Recorder $recorder)
    {
    }

    /**
     * @param  non-empty-list<ToolRecord>  $records
     * @return list<string> their ids
     */
    public function __invoke(array $records, Person $keeper): array
    {
        if (! $keeper->may(Ability::KeepTools)) {
            throw Refused::forbidden('Only the crib keeper registers tools.');
        }

        return $this->recorder->transaction(function () use ($records, $keeper): array {
            $this->areNew($records);
            $drafts = array_map(fn (ToolRecord $r): Draft => new Draft(Ids::next(), 'tool_registered', ToolRow::stream(Ids::next()), $keeper->id, self::data($r)), $records);
            $this->recorder->appendAll($drafts);

            return array_map(fn (Draft $d): string => substr($d->stream, strlen(ToolRow::stream(''))), $drafts);
        });
    }

    /** @return array<string, mixed> what an entry says of it */
    public static function data(ToolRecord $record): array
    {
        $fields = array_diff_key($record->toFields(), ['months' => 0, 'cycles' => 0]) + array_filter(['months' => $record->months, 'cycles' => $record->cycles], is_int(...));
        $kind = $record->form->serves();

        return $fields + ($kind === null ? [] : ['kind' => $kind->value]);
    }

    /** @param  list<ToolRecord>  $records */
    private function areNew(array $records): void
    {
        $codes = array_map(fn (ToolRecord $r): string => $r->code, $records);
        $twice = array_keys(array_filter(array_count_values($codes), fn (int $n): bool => $n > 1));
        if ($twice !== []) {
            throw Refused::field('code', sprintf('%s stands there twice. Each tool has a number of its own.', $twice[0]), $twice[0]);
        }
        $taken = ToolRow::query()->whereIn('code', $codes)->value('code');
        if (is_string($taken)) {
            throw Refused::field('code', "There is a tool $taken already. Each has a number of its own, and one that was retired keeps it.", $taken);
        }
        foreach ($records as $record) {
            if ($record->form->isCalibrated() && $record->permissible === null) {
                throw Refused::field('permissible', sprintf('Permissible: of %s nothing says how far it may deviate; without that it cannot be calibrated.', $record->code), '');
            }
        }
    }
}
