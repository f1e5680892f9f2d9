<?php

declare(strict_types=1);

namespace App\Crib\Http\Resources;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolBook;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Tekkal\Core\Tool\Day;

/**
 * A tool with its calibrations, and why it may not be used today.
 *
 * @property ToolRow $resource
 */
final class ToolResource extends JsonResource
{
    public function __construct(ToolRow $row, private readonly Day $today)
    {
        parent::__construct($row);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $tool = ToolBook::tool($this->resource);

        return $this->resource->only(['id', 'code', 'name', 'kind']) + [
            'kind_words' => $tool->kind->words(),
            'range' => $tool->range->typeset(),
            'resolution' => $tool->resolution->typeset(),
            'out_of_use' => ToolBook::historyOf($this->resource->calibrations)->whyNotInForce($this->today),
            'calibrations' => $this->resource->calibrations->sortByDesc('calibrated_on')->values()->map(fn (CalibrationRow $c): array => [
                'on' => $c->calibrated_on, 'due' => $c->due_on, 'conforms' => $c->conforms, 'certificate' => $c->certificate,
            ]),
        ];
    }
}
