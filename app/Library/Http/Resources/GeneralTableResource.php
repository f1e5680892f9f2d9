<?php

declare(strict_types=1);

namespace App\Library\Http\Resources;

use App\Library\Models\GeneralTableRow;
use App\Library\Queries\TableDoubts;
use App\People\Models\Person;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Tekkal\Core\Document\GeneralValue;

/**
 * A general table with its rows, and what the core doubts in them.
 *
 * @property GeneralTableRow $resource
 */
final class GeneralTableResource extends JsonResource
{
    public function __construct(GeneralTableRow $table, private readonly Person $asking)
    {
        parent::__construct($table);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $values = $this->resource->values();

        return $this->resource->only(['id', 'code', 'source', 'condition', 'tolerance', 'state', 'signature', 'although', 'withdrawn_why']) + [
            'title' => $this->resource->paper?->title,
            'rows' => array_map(fn (GeneralValue $v): array => ['name' => $v->name(), 'thread' => $v->thread, 'strength' => $v->strength, 'material' => $v->material, 'torque' => $v->torque->typeset()], $values->values),
            'doubts' => TableDoubts::of($this->resource->procedure(), $values),
            'asked_by' => $this->resource->asker?->displayName(), 'asked_by_me' => $this->resource->asked_by === $this->asking->id, 'approved_at' => $this->resource->approved_at?->toIso8601ZuluString(),
        ];
    }
}
