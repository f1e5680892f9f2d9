<?php

declare(strict_types=1);

namespace App\Library\Http\Resources;

use App\Library\Models\Source;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A document that figures come from, and how many procedures cite it.
 *
 * @property Source $resource
 */
final class SourceResource extends JsonResource
{
    public function __construct(Source $source, private readonly int $citedBy)
    {
        parent::__construct($source);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return $this->resource->only(['id', 'code', 'kind', 'title', 'edition', 'date', 'kept', 'superseded_by', 'file_name', 'file_type', 'file_bytes']) + ['cited_by' => $this->citedBy];
    }
}
