<?php

declare(strict_types=1);

namespace App\Library\Http\Resources;

use App\Library\Models\Procedure;
use App\Library\Models\WorkingDraft;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A procedure as it is being written.
 *
 * @property WorkingDraft $resource
 */
final class DraftResource extends JsonResource
{
    /** @param  string|null  $sentBack  why the revision of this letter was sent back */
    public function __construct(WorkingDraft $draft, private readonly Procedure $procedure, private readonly ?string $sentBack)
    {
        parent::__construct($draft);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'procedure' => $this->procedure->id, 'title' => $this->procedure->title(), 'letter' => $this->resource->letter, 'version' => $this->resource->version,
            'document' => $this->resource->document(), 'answers' => (object) $this->resource->answers(), 'based_on' => $this->resource->based_on,
            'saved_by' => $this->resource->saver?->displayName(), 'saved_at' => $this->resource->saved_at->toIso8601ZuluString(),
            'sent_back' => $this->sentBack,
        ];
    }
}
