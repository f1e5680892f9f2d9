<?php

declare(strict_types=1);

namespace App\Library\Http\Resources;

use App\Library\Models\Standard;
use App\People\Models\Person;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A window standard, asked for or approved.
 *
 * @property Standard $resource
 */
final class StandardResource extends JsonResource
{
    public function __construct(Standard $standard, private readonly Person $asking)
    {
        parent::__construct($standard);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return $this->resource->only(['id', 'code', 'quantity', 'tool', 'risk_class', 'tolerance', 'source', 'state', 'signature']) + [
            'asked_by' => $this->resource->asker?->displayName(), 'asked_by_me' => $this->resource->asked_by === $this->asking->id, 'approved_at' => $this->resource->approved_at?->toIso8601ZuluString(),
        ];
    }
}
