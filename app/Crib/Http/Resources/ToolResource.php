<?php

declare(strict_types=1);

namespace App\Crib\Http\Resources;

use App\Crib\Queries\ToolBook;
use App\Crib\Queries\ToolStanding;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A tool on the board: what it is, and how it stands.
 *
 * @property ToolStanding $resource
 */
final class ToolResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        [$standing, $tool] = [$this->resource, $this->resource->tool];
        $record = ToolBook::record($tool);
        $last = $standing->last();

        return $tool->only(['id', 'code', 'name', 'form', 'place', 'owner', 'cycles', 'months']) + [
            'form_words' => $record->form->words(), 'range' => $record->range->lowest->code() === $record->range->highest->code() ? $record->range->highest->typeset() : $record->range->typeset(),
            'size' => self::size((float) $record->range->highest->quantity()->inBase()->toFloat()),
            'resolution' => $record->resolution->typeset(), 'directions' => implode(', ', $record->directions), 'class' => $record->class === null ? null : str_replace('_', ' ', $record->class->value), 'permissible' => $record->permissible?->typeset(),
            'state' => $tool->state->value, 'holder' => $standing->holder(), 'away_to' => $tool->away_to, 'says' => $standing->says(),
            'due' => $standing->due, 'due_on' => $standing->dueOn, 'pulls' => $tool->cycles === null ? null : $standing->pulls,
            'out_of_use' => $this->outOfUse(),
            'last' => $last === null ? null : ['on' => $last->calibrated_on, 'conforms' => $last->conforms, 'found' => $last->found, 'certificate' => $last->certificate],
        ];
    }

    /** Why it may not be used today, as the end of a sentence; null when it may. */
    private function outOfUse(): ?string
    {
        return ToolBook::whyOut($this->resource->tool) ?? ($this->resource->due === 'none' ? null : ToolBook::historyOf($this->resource->tool->calibrations)->whyNotInForce(ToolBook::day(now()->toImmutable())));
    }

    /** How long it is drawn, from 1 to 4: by the largest torque in N·m. */
    private static function size(float $highest): int
    {
        return match (true) {
            $highest <= 25 => 1,
            $highest <= 75 => 2,
            $highest <= 150 => 3,
            default => 4,
        };
    }
}
