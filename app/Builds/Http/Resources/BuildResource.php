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
        $stored = $this->resource->getAttributes();

        return array_intersect_key($stored, ['id' => 0, 'serial' => 0, 'build_number' => 0, 'state' => 0]) + [
            'title' => $this->resource->title(),
            'family' => $this->family,
            'customer' => $this->resource->owner?->name,
            'opened_at' => Subject::zulu($stored['opened_at']),
            'finished_at' => Subject::zulu($stored['finished_at']),
            'shipped_at' => Subject::zulu($stored['shipped_at']),
            'joints' => $this->joints,
        ];
    }
}
