<?php

declare(strict_types=1);

namespace App\Builds\Http\Resources;

use App\Record\Models\Subject;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * An engine as every list of builds shows it.
 *
 * @property Subject $resource
 */
final class BuildResource extends JsonResource
{
    /** @param  list<array<string, mixed>>  $joints  its strip */
    public function __construct(Subject $subject, private readonly ?string $family, private readonly array $joints)
    {
        parent::__construct($subject);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return $this->resource->only(['id', 'serial', 'build_number']) + [
            'title' => $this->resource->title(),
            'state' => $this->resource->state->value,
            'family' => $this->family,
            'customer' => $this->resource->owner?->name,
            'opened_at' => $this->resource->opened_at->toIso8601ZuluString(),
            'finished_at' => $this->resource->finished_at?->toIso8601ZuluString(),
            'shipped_at' => $this->resource->shipped_at?->toIso8601ZuluString(),
            'joints' => $this->joints,
        ];
    }
}
