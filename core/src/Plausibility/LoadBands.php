<?php

declare(strict_types=1);

namespace Tekkal\Core\Plausibility;

use Tekkal\Core\Document\Group;
use Tekkal\Core\Document\JointInput;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Document\StageKinds\LoosenStage;
use Tekkal\Core\Joint\Estimate;
use Tekkal\Core\Tool\ClampShift;
use Tekkal\Core\Unit\Kind;

/**
 * What a procedure does to its joint, group by group: the clamp that its last torque and the turns after it give, from the
 * lowest friction to the highest, the share of proof and yield, the stretch. Estimates; what is missing is named.
 */
final readonly class LoadBands
{
    /** @param  array<mixed>  $document  the revision's own */
    public function __construct(private Revision $revision, private array $document)
    {
    }

    /**
     * @return list<array{group: string, name: string, torque: string|null, angle: string|null, low_kn: float|null, nominal_kn: float|null, high_kn: float|null, proof_kn: float|null, proof_share: float|null, yield_share: float|null, stretch_um: float|null, past_proof: bool, assumptions: list<string>, missing: list<string>}>
     */
    public function toArray(): array
    {
        return array_map($this->group(...), array_values($this->revision->groups));
    }

    /** @return array{group: string, name: string, torque: string|null, angle: string|null, low_kn: float|null, nominal_kn: float|null, high_kn: float|null, proof_kn: float|null, proof_share: float|null, yield_share: float|null, stretch_um: float|null, past_proof: bool, assumptions: list<string>, missing: list<string>} */
    private function group(Group $group): array
    {
        [$torque, $degrees] = $this->final($group);
        $joint = JointInput::of($this->document, $group->fastener, JointInput::condition($this->revision->agents, $group->key));
        $estimate = new Estimate($joint, $torque === null ? null : $torque->quantity()->inBase()->toFloat(), $degrees > 0 ? $degrees : null);
        $stretch = $estimate->stretch();

        return [
            'group' => $group->key, 'name' => $group->name, 'torque' => $torque?->typeset(), 'angle' => $degrees > 0 ? sprintf('%g°', $degrees) : null,
            'low_kn' => $estimate->low?->kilonewtons(), 'nominal_kn' => $estimate->nominal?->kilonewtons(), 'high_kn' => $estimate->high?->kilonewtons(),
            'proof_kn' => $joint->proofLoad()?->kilonewtons(), 'proof_share' => $estimate->proofShare(), 'yield_share' => $estimate->yieldShare(),
            'stretch_um' => $stretch === null ? null : 1000 * $stretch, 'past_proof' => $estimate->pastProof,
            'assumptions' => $estimate->assumptions, 'missing' => $estimate->missing,
        ];
    }

    /**
     * What a change of torque or angle does to the clamp at each position, and the stage whose torque it is that counts.
     * Left out is where no torque is final, and where an adapter is on: what is read there is the wrench's torque, not the
     * fastener's.
     *
     * @return array<string, array{string, ClampShift}>
     */
    public function shifts(): array
    {
        $groups = array_map($this->shift(...), $this->revision->groups);
        $shifts = [];
        foreach ($this->revision->map->positions as $position) {
            $shift = isset($this->revision->map->adapters[$position->key]) ? null : $groups[$position->group] ?? null;
            if ($shift !== null) {
                $shifts[$position->key] = $shift;
            }
        }

        return $shifts;
    }

    /** @return array{string, ClampShift}|null */
    private function shift(Group $group): ?array
    {
        [$torque, $degrees, $stage] = $this->final($group);

        return $torque === null ? null : [$stage, new ClampShift(JointInput::of($this->document, $group->fastener, JointInput::condition($this->revision->agents, $group->key)), $torque->quantity()->inBase()->toFloat(), $degrees)];
    }

    /**
     * The last torque of the group, the angle turned since, and the stage of the torque; loosening begins anew.
     *
     * @return array{\Tekkal\Core\Unit\Written|null, float, string}
     */
    private function final(Group $group): array
    {
        $torque = null;
        $of = '';
        $degrees = 0.0;
        foreach ($this->revision->stages() as $stage) {
            $position = $this->revision->map->inGroup($group->key)[0]->key ?? '';
            $target = $stage->targetAt($position)?->target;
            if ($stage->rules->own instanceof LoosenStage && $stage->rules->own->back === null && in_array($position, $stage->sequence, true)) {
                [$torque, $degrees, $of] = [null, 0.0, ''];
            } elseif ($target === null || ! $stage->rules->kind->tightens()) {
                continue;
            } elseif ($target->unit->kind() === Kind::Torque) {
                [$torque, $degrees, $of] = [$target, 0.0, $stage->key()];
            } elseif ($target->unit->kind() === Kind::Angle) {
                $degrees += $target->quantity()->inBase()->toFloat();
            }
        }

        return [$torque, $degrees, $of];
    }
}
