<?php

declare(strict_types=1);

namespace App\Library\Http\Resources;

use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Models\Variant;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * An engine family with its joints in assembly order, their hardware options, and its variants.
 *
 * @property Family $resource
 */
final class FamilyResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return $this->resource->only(['id', 'code', 'name', 'description', 'serial_rules']) + [
            'joints' => $this->resource->joints->sortBy('assembly_order')->values()->map(fn (Joint $j): array => [
                'id' => $j->id, 'name' => $j->name, 'rests_on' => $j->rests_on, 'carried_in' => $j->carried_in, 'holds' => $j->holds, 'options' => $j->procedures->sortBy('created_at')->pluck('option')->values(),
            ]),
            'variants' => $this->resource->variants->map(fn (Variant $v): array => $v->only(['id', 'name', 'serials_from', 'serials_to', 'years_from', 'years_to', 'note']))->values(),
        ];
    }
}
