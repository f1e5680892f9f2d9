<?php

declare(strict_types=1);

namespace App\Builds\Http\Resources;

use App\Builds\Queries\EngineState;
use App\Builds\Queries\JointsOf;
use App\Builds\Queries\Standing;
use App\Builds\Queries\Unrecorded;
use App\Builds\UnrecordedJoint;
use App\Library\Models\Family;
use App\People\Models\Person;
use App\People\Shop;
use App\Record\BuildFacts;
use App\Record\BuildState;
use App\Record\Models\BuildPicture;
use App\Record\Models\Fitting;
use App\Record\Models\OldSerial;
use App\Record\Models\Subject;
use App\Record\Queries\Fitted;
use App\Record\Queries\Lineage;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * An engine on its own page: what is known of it, its joints, and what keeps it from being finished.
 *
 * @property Subject $resource
 */
final class BuildResource extends JsonResource
{
    /** @param  list<array<string, mixed>>  $joints  its strip */
    public function __construct(Subject $subject, private readonly Family $family, private readonly array $joints)
    {
        parent::__construct($subject);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $person = $request->user();
        $isCustomers = $person instanceof Person && $person->customer !== null;
        $around = $this->resource->isSubassembly() ? Fitted::around([$this->resource->id])[$this->resource->id] ?? null : null;
        $standing = Standing::of($this->resource, $this->joints, $around);

        return [
            'id' => $this->resource->id, 'serial' => $this->resource->serial, 'build_number' => $this->resource->build_number, 'state' => $this->resource->state->value,
            'title' => $this->resource->title(),
            'family' => $this->family->name, 'family_code' => $this->family->code,
            'customer' => $this->resource->ownedBy(),
            'opened_at' => $this->resource->opened_at->toIso8601ZuluString(),
            'finished_at' => $this->resource->finished_at?->toIso8601ZuluString(),
            'shipped_at' => $this->resource->shipped_at?->toIso8601ZuluString(),
            'as' => $standing->as->value, 'says' => $standing->says, 'late' => Standing::isLate($this->resource, Shop::here()->today()->date),
            // A note is the shop's own.
            'facts' => ($isCustomers ? ['note' => ''] : []) + BuildFacts::ofSubject($this->resource)->toAnswer(),
            'old_serials' => $this->resource->oldSerials->map(fn (OldSerial $o): array => ['serial' => $o->serial, 'why' => $o->why])->values(),
            'other_builds' => Lineage::others($this->resource),
            'metal' => $this->resource->state === BuildState::Open ? EngineState::of([$this->resource->id])[$this->resource->id] : [],
            'intake' => $this->intake(),
            'subassembly' => $this->resource->isSubassembly() ? ['kind' => $this->resource->subassembly, 'been' => $isCustomers ? [] : self::been($this->resource)] : null,
            'carries' => $this->resource->isSubassembly() ? [] : $this->carries(),
            'pictures' => $this->pictures(),
            'missing' => $this->missing(),
            'joints' => array_map(fn (array $joint): array => array_diff_key($joint, ['in_force' => 0]), $this->joints),
        ];
    }

    /** @return list<array<string, mixed>> the engines that it has been in, the oldest first */
    private static function been(Subject $subassembly): array
    {
        return array_values(Fitted::history($subassembly->id)->map(fn (Fitting $f): array => [
            'id' => $f->engine, 'title' => (string) $f->of?->title(), 'own' => $f->fitted_at === null, 'fitted_at' => $f->fitted_at?->toIso8601ZuluString(), 'removed_at' => $f->removed_at?->toIso8601ZuluString(), 'why' => $f->removed_why,
        ])->all());
    }

    /** @return list<array<string, mixed>> the subassemblies that an engine of its family has, and which of them was fitted to it */
    private function carries(): array
    {
        $in = Fitted::in([$this->resource->id])[$this->resource->id] ?? [];

        return array_map(fn (string $kind): array => ['kind' => $kind, 'fitted' => isset($in[$kind]) ? ['id' => $in[$kind]->id, 'title' => $in[$kind]->title()] : null], $this->family->subassemblies());
    }

    /** @return array<string, mixed>|null the build before this one, and what is opened with each joint; null where there was none */
    private function intake(): ?array
    {
        $before = Lineage::before($this->resource);
        $resting = $before === null ? null : $this->family->resting();
        $elsewhere = $before === null ? [] : JointsOf::elsewhere($this->resource);
        $own = array_values(array_filter($this->joints, fn (array $joint): bool => $joint['within'] === null));

        return $before === null || $resting === null ? null : [
            'before' => ['id' => $before->id, 'title' => $before->numbered(), 'shipped_at' => $before->shipped_at?->toIso8601ZuluString()],
            'said' => array_filter($own, fn (array $joint): bool => $joint['returned'] === null) === [],
            'opens' => array_map(fn (array $joint): array => ['joint' => (string) data_get($joint, 'id'), 'with' => array_values(array_diff($resting->openedWith([(string) data_get($joint, 'id')], $elsewhere), [(string) data_get($joint, 'id')]))], $own),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function pictures(): array
    {
        return array_values(BuildPicture::query()->with('by')->where('subject', $this->resource->id)->where('removed_at', null)->orderBy('at')->get()
            ->map(fn (BuildPicture $p): array => ['id' => $p->entry_id, 'shows' => $p->shows, 'person' => $p->by?->displayName(), 'at' => $p->at->toIso8601ZuluString()])->all());
    }

    /** @return list<array<string, mixed>> what keeps it from being finished */
    private function missing(): array
    {
        return $this->resource->state !== BuildState::Open ? [] : array_map(fn (UnrecordedJoint $u): array => ['joint' => $u->joint, 'name' => $u->name, 'why' => $u->why, 'asked' => $u->asked], Unrecorded::amongst($this->resource, $this->joints));
    }
}
