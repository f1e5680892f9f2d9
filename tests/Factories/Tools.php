<?php

declare(strict_types=1);

namespace Tests\Factories;

use App\Crib\Actions\RegisterTools;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Shared\Ids;
use Tekkal\Core\Tool\Tool;
use Tekkal\Core\Tool\ToolForm;
use Tekkal\Core\Tool\ToolRecord;

/** Tools for tests that are about something else: registered, and calibrated with nothing but the outcome, as the first entries were. */
final class Tools
{
    public static function register(Tool $tool, string $name, Person $keeper): string
    {
        $form = ToolForm::known($tool->kind, $tool->class);

        return app(RegisterTools::class)([ToolRecord::read(array_filter([
            'code' => $tool->code, 'name' => $name, 'form' => $form->value, 'class' => (string) $tool->class?->value, 'unit' => $tool->resolution->unit->code(),
            'lowest' => $tool->range->lowest->digits, 'highest' => $tool->range->highest->digits, 'resolution' => $tool->resolution->digits,
            'permissible' => $form->isCalibrated() ? ($form->deviatesByShare() ? '4 %' : $tool->resolution->code()) : '',
        ], fn (string $v): bool => $v !== ''))], $keeper)[0];
    }

    public static function calibrated(string $id, string $on, string $due, bool $conforms, string $certificate, Person $keeper): void
    {
        app(Recorder::class)->transaction(fn () => app(Recorder::class)->append(new Draft(Ids::next(), 'tool_calibrated', 'tool/'.$id, $keeper->id, data: [
            'calibrated_on' => $on, 'due_on' => $due, 'conforms' => $conforms, 'certificate' => $certificate,
        ])));
    }
}
