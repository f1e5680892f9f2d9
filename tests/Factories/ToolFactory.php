<?php

declare(strict_types=1);

namespace Tests\Factories;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;
use Tekkal\Core\Tool\ToolKind;

/** @extends RowFactory<ToolRow> */
final class ToolFactory extends RowFactory
{
    protected $model = ToolRow::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'id' => self::id(),
            'code' => 'TW-'.(1000 + self::number()),
            'name' => 'Torque wrench',
            'kind' => ToolKind::TorqueWrench->value,
            'unit' => 'N.m',
            'lowest' => '12',
            'highest' => '60',
            'resolution' => '0.1',
            'entry_id' => self::id(),
            'entry_leaf' => str_repeat('0', 64),
        ];
    }

    /** In calibration for a year from today, shown to be so each half year before. */
    public function calibrated(int $times = 2): static
    {
        return $this->afterCreating(function (ToolRow $tool) use ($times): void {
            for ($i = 0; $i < $times; $i++) {
                $day = now()->subMonths(6 * $i);
                CalibrationRow::query()->create([
                    'entry_id' => self::id(), 'tool' => $tool->id, 'calibrated_on' => $day->toDateString(), 'due_on' => $day->addYear()->toDateString(),
                    'conforms' => true, 'certificate' => 'C-'.self::number(), 'leaf_hash' => str_repeat('0', 64),
                ]);
            }
        });
    }
}
