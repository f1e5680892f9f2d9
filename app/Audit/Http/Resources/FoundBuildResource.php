<?php

declare(strict_types=1);

namespace App\Audit\Http\Resources;

use App\Record\Models\Subject;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A build that a serial number led to.
 *
 * @property Subject $resource
 */
final class FoundBuildResource extends JsonResource
{
    public function __construct(Subject $subject, private readonly ?string $family)
    {
        parent::__construct($subject);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id, 'title' => $this->resource->title(), 'state' => $this->resource->state->value,
            'family' => $this->family, 'customer' => $this->resource->ownedBy(),
            'opened_at' => $this->resource->opened_at->toIso8601ZuluString(), 'finished_at' => $this->resource->finished_at?->toIso8601ZuluString(),
        ];
    }
}
