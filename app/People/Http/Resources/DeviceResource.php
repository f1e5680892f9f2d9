<?php

declare(strict_types=1);

namespace App\People\Http\Resources;

use App\People\Models\Device;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A browser that is, or was, a bench.
 *
 * @property Device $resource
 */
final class DeviceResource extends JsonResource
{
    /** @param  string|null  $here  the one that asks */
    public function __construct(Device $device, private readonly ?string $here)
    {
        parent::__construct($device);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'enrolled_at' => $this->resource->enrolled_at->toIso8601ZuluString(),
            'revoked_at' => $this->resource->revoked_at?->toIso8601ZuluString(),
            'this_one' => $this->resource->id === $this->here,
        ];
    }
}
