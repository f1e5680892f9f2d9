<?php

declare(strict_types=1);

namespace App\People\Http\Resources;

use App\People\Models\Notice;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What everybody concerned is told until they acknowledge it.
 *
 * @property Notice $resource
 */
final class NoticeResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return $this->resource->only(['id', 'title', 'body', 'link']) + ['sent_at' => $this->resource->sent_at->toIso8601ZuluString()];
    }
}
