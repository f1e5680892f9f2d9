<?php

declare(strict_types=1);

namespace App\Library\Http\Resources;

use App\Library\Models\Import;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A file of procedures that was looked at, and how far bringing it in has come.
 *
 * @property Import $resource
 */
final class ImportResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $report = (array) json_decode($this->resource->report, true);

        return $this->resource->only(['id', 'name', 'state', 'total', 'done']) + [
            'rows' => $report['rows'], 'families' => $report['families'], 'sources' => $report['sources'], 'standards' => $report['standards'], 'only' => $report['only'], 'why' => $report['why'] ?? null,
        ];
    }
}
