<?php

declare(strict_types=1);

namespace App\Crib;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ReferenceStandard;
use App\Crib\Models\ToolRow;
use App\Crib\Models\ToolRulesRow;
use App\Ledger\Entry;
use App\Ledger\Projector;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Tool\AsFound;
use Tekkal\Core\Tool\CalibrationSheet;
use Tekkal\Core\Tool\ToolForm;
use Tekkal\Core\Tool\ToolKind;
use Tekkal\Core\Tool\WrenchClass;

/** Tools, where they are, their calibrations and by what they are judged, as the entries tell them. */
final class CribProjector implements Projector
{
    public const MOVES = ['tool_lent', 'tool_returned', 'tool_sent', 'tool_came_back', 'tool_chained', 'tool_checked', 'tool_retired', 'tool_interval_set'];

    private const DESCRIPTION = ['code', 'name', 'unit', 'lowest', 'highest', 'resolution'];

    private const OPTIONAL = ['class', 'permissible', 'threshold', 'length', 'angle'];

    public function version(): string
    {
        return '3';
    }

    public function tables(): array
    {
        return ['tools', 'calibrations', 'tool_moves', 'reference_standards', 'tool_rules', 'lots'];
    }

    public function types(): array
    {
        return ['tool_registered', 'tool_changed', 'tool_calibrated', 'tool_paper_kept', ...self::MOVES, 'fault_reported', 'reference_kept', 'reference_doubted', 'tool_rules_set', 'lot_received', 'lot_counted', 'lot_closed'];
    }

    public function project(array $entries): void
    {
        array_map($this->one(...), $entries);
    }

    private function one(Entry $entry): void
    {
        match ($entry->type()) {
            'tool_registered' => ToolRow::query()->create(['id' => $entry->streamId(), 'state' => ToolState::Here, 'since' => $entry->receivedAt()] + self::described($entry)),
            'tool_changed' => ToolRow::query()->whereKey($entry->streamId())->update(self::described($entry)),
            'tool_calibrated' => $this->calibrated($entry),
            'tool_paper_kept' => CalibrationRow::query()->whereKey($entry->text('data.calibration'))->update(['paper' => $entry->text('data.digest'), 'paper_type' => $entry->text('data.type')]),
            'fault_reported' => $this->reported($entry),
            'reference_kept', 'reference_doubted' => $this->standard($entry),
            'tool_rules_set' => ToolRulesRow::query()->updateOrCreate(['form' => $entry->streamId()], ['rules' => self::kept($entry, 'data'), 'entry_id' => $entry->id(), 'person' => $entry->person(), 'set_at' => $entry->receivedAt()]),
            'lot_received', 'lot_counted', 'lot_closed' => LotRows::project($entry),
            default => ToolMoves::project($entry),
        };
    }

    /** @return array<string, mixed> */
    private static function described(Entry $entry): array
    {
        $texts = array_combine(self::DESCRIPTION, array_map(fn (string $f): string => $entry->text("data.$f"), self::DESCRIPTION));
        $optional = array_combine(self::OPTIONAL, array_map(fn (string $f): ?string => $entry->optional("data.$f"), self::OPTIONAL));
        $kind = $entry->optional('data.kind');
        // Tools of earlier entries have a kind and no form.
        $form = $entry->optional('data.form') ?? ToolForm::known(ToolKind::from((string) $kind), WrenchClass::tryFrom((string) $optional['class']))->value;

        return $texts + $optional + [
            'form' => $form, 'kind' => $kind ?? ToolForm::from($form)->serves()->value ?? '', 'directions' => $entry->optional('data.directions') ?? 'clockwise',
            'place' => $entry->optional('data.place') ?? '', 'owner' => $entry->optional('data.owner') ?? '', 'months' => $entry->number('data.months'), 'cycles' => $entry->number('data.cycles'),
            'entry_id' => $entry->id(), 'entry_leaf' => $entry->leafHash,
        ];
    }

    /**
     * In the order in which its bytes have it, whether it was just written or is read again.
     *
     * @return array<mixed>|null
     */
    private static function kept(Entry $entry, string $path): ?array
    {
        $value = data_get($entry->body, $path);

        return is_array($value) ? CanonicalJson::decode(CanonicalJson::encode($value)) : null;
    }

    /** One that conforms takes the chain off; one that does not puts it on. */
    private function calibrated(Entry $entry): void
    {
        $conforms = $entry->flag('data.conforms');
        $sheet = self::kept($entry, 'data.sheet');
        CalibrationRow::query()->create([
            'entry_id' => $entry->id(), 'tool' => $entry->streamId(), 'calibrated_on' => $entry->text('data.calibrated_on'), 'due_on' => $entry->text('data.due_on'), 'certificate' => $entry->text('data.certificate'),
            'conforms' => $conforms, 'found' => $entry->optional('data.found') ?? AsFound::conforming($conforms)->value, 'standard' => $entry->optional('data.standard'), 'person' => $entry->person(), 'recorded_at' => $entry->receivedAt(),
            'sheet' => $sheet, 'read_in' => $sheet === null ? null : implode(' ', CalibrationSheet::ofData($sheet)->directions()), 'leaf_hash' => $entry->leafHash,
        ]);
        ToolMoves::calibrated($entry, $conforms);
    }

    /** Whoever drops a tool says so at the bench; it is out of use from then on for everybody, whatever became of it in the run. */
    private function reported(Entry $entry): void
    {
        $tool = $entry->optional('event.tool');
        if ($entry->optional('event.fault') === Fault::DroppedWrench->value && $tool !== null && ToolRow::query()->whereKey($tool)->exists()) {
            ToolMoves::chained($entry, $tool, ChainReason::Dropped->value);
        }
    }

    private function standard(Entry $entry): void
    {
        if ($entry->type() === 'reference_doubted') {
            ReferenceStandard::query()->whereKey($entry->streamId())->update(['doubted_since' => $entry->text('data.since')]);

            return;
        }
        $fields = ['code', 'name', 'measures', 'uncertainty', 'certificate', 'laboratory', 'valid_from', 'valid_until'];
        ReferenceStandard::query()->updateOrCreate(['id' => $entry->streamId()], array_combine($fields, array_map(fn (string $f): string => $entry->text("data.$f"), $fields)) + ['entry_id' => $entry->id(), 'doubted_since' => null]);
    }
}
