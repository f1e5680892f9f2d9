<?php

declare(strict_types=1);

namespace App\Library\Queries;

use App\Shared\Refused;
use Tekkal\Core\Document\JointInput;
use Tekkal\Core\Joint\ClampCurve;
use Tekkal\Core\Joint\Estimate;
use Tekkal\Core\Joint\Friction;
use Tekkal\Core\Joint\JointData;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;

/** The joint arithmetic for values typed by hand: bands, shares, curve, what another surface would do, published values near by. */
final readonly class JointCalculation
{
    public const FIELDS = ['thread', 'strength', 'condition', 'bearing', 'hole', 'grip', 'shank_length', 'shank_diameter', 'members', 'head', 'torque', 'angle'];

    private const LENGTHS = ['bearing' => 'bearing_diameter', 'hole' => 'hole_diameter', 'grip' => 'grip_length'];

    private JointData $joint;

    private ?float $torque;

    private ?float $degrees;

    /** @param  array<string, string|null>  $given */
    public function __construct(private array $given)
    {
        $geometry = [];
        foreach (self::LENGTHS as $field => $name) {
            if ($this->value($field, Kind::Length) !== null) {
                $geometry[$name] = $this->text($field);
            }
        }
        if ($this->value('shank_length', Kind::Length) !== null && $this->value('shank_diameter', Kind::Length) !== null) {
            $geometry['shank'] = [['length' => $this->text('shank_length'), 'diameter' => $this->text('shank_diameter')]];
        }
        $geometry['members'] = [['material' => $this->text('members')]];
        $this->joint = JointInput::fastener(['thread' => $this->text('thread'), 'strength' => $this->text('strength'), 'head' => $this->text('head'), 'geometry' => $geometry], $this->text('condition') ?: null);
        $this->torque = $this->value('torque', Kind::Torque);
        $this->degrees = $this->value('angle', Kind::Angle);
        foreach (['thread' => $this->joint->thread, 'strength' => $this->joint->strength, 'condition' => $this->joint->friction] as $field => $read) {
            if ($this->text($field) !== '' && $read === null && ($field !== 'strength' || $this->joint->thread !== null)) {
                throw Refused::field($field, sprintf('"%s" is not known here. %s', $this->text($field), ['thread' => 'Write a thread such as M10x1.25 or 7/16-20 UNF.', 'strength' => 'Write a class such as 10.9 or a grade such as SAE 8.', 'condition' => 'One of '.implode(', ', array_keys(Friction::CONDITIONS)).'.'][$field]), $this->text($field));
            }
        }
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $estimate = new Estimate($this->joint, $this->torque, $this->degrees);
        $strength = $this->joint->strength;
        $stretch = $estimate->stretch();

        return [
            'low_kn' => $estimate->low?->kilonewtons(), 'nominal_kn' => $estimate->nominal?->kilonewtons(), 'high_kn' => $estimate->high?->kilonewtons(),
            'proof_kn' => $this->joint->proofLoad()?->kilonewtons(), 'yield_kn' => $this->joint->thread === null || $strength === null ? null : $this->joint->thread->load($strength->yield->megapascals)->kilonewtons(),
            'proof_share' => $estimate->proofShare(), 'yield_share' => $estimate->yieldShare(), 'stretch_um' => $stretch === null ? null : 1000 * $stretch, 'past_proof' => $estimate->pastProof,
            'stress_area_mm2' => $this->joint->thread?->stressArea(), 'pitch_mm' => $this->joint->thread?->pitch,
            'sentences' => $estimate->sentences(), 'assumptions' => $estimate->assumptions, 'missing' => $estimate->missing,
            'curve' => $this->torque === null || $this->torque <= 0.0 || $estimate->nominal === null ? [] : ClampCurve::of($this->joint, $this->torque, $this->degrees),
            'surfaces' => $this->surfaces($estimate),
            'published' => PublishedValues::near($this->joint),
        ];
    }

    /** @return list<array{condition: string, clamp_kn: float}> */
    private function surfaces(Estimate $estimate): array
    {
        $rows = [];
        foreach ($estimate->nominal === null ? [] : array_keys(Friction::CONDITIONS) as $condition) {
            $clamp = $estimate->under($condition);
            if ($clamp !== null) {
                $rows[] = ['condition' => $condition, 'clamp_kn' => $clamp->kilonewtons()];
            }
        }

        return $rows;
    }

    private function text(string $field): string
    {
        return trim($this->given[$field] ?? '');
    }

    private function value(string $field, Kind $kind): ?float
    {
        if ($this->text($field) === '') {
            return null;
        }
        $read = QuantityParser::parse($this->text($field), $kind);

        return $read instanceof Understood ? $read->value->quantity()->inBase()->toFloat()
            : throw Refused::field($field, sprintf('"%s" is no %s with its unit, such as %s.', $this->text($field), $kind->value, ['torque' => '45 N·m', 'angle' => '80°', 'length' => '14.6 mm'][$kind->value]), $this->text($field));
    }
}
