<?php

declare(strict_types=1);

namespace Tekkal\Core\Joint;

use Tekkal\Core\Bounds;
use Tekkal\Core\Unit\Force;

/**
 * What a torque, and an angle after it, does to a joint: an estimate with its assumptions, and with a sentence for every
 * part of it that something missing prevents. It replaces no instruction of a maker.
 */
final readonly class Estimate
{
    /** @var list<string> what it rests on */
    public array $assumptions;

    /** @var list<string> what is missing and what that prevents */
    public array $missing;

    public ?Force $low;

    public ?Force $nominal;

    public ?Force $high;

    /** @var bool true once the angle takes the bolt past its proof load: elastic arithmetic then says nothing */
    public bool $pastProof;

    /**
     * @param  float|null  $torque  N·m, above 0
     * @param  float|null  $degrees  turned after the torque, at least 0
     *
     * @throws JointException when one is out of its range
     */
    public function __construct(private JointData $data, private ?float $torque, private ?float $degrees = null)
    {
        (new Bounds(JointException::class))->above0('the torque in N·m', $torque);
        (new Bounds(JointException::class))->from0('the angle in degrees', $degrees);
        $tightening = $data->tightening();
        $gain = $this->gain();
        $by = fn (?float $mu): ?Force => $torque === null || $tightening === null || $data->friction === null ? null
            : Force::newtons($tightening->preload($torque, $mu === null ? $data->friction : $data->friction->at($mu))->newtons + ($gain->newtons ?? 0.0));
        // The lower the friction, the higher the clamp.
        [$this->low, $this->nominal, $this->high] = $degrees !== null && $gain === null ? [null, null, null] : [$by($data->friction?->high), $by(null), $by($data->friction?->low)];
        $proof = $data->proofLoad();
        $this->pastProof = $this->nominal !== null && $proof !== null && $this->nominal->newtons > $proof->newtons;
        $this->assumptions = $this->assumed();
        $this->missing = $this->prevented();
    }

    /** Share of the proof load, 1 = all of it. */
    public function proofShare(): ?float
    {
        $proof = $this->data->proofLoad();

        return $this->nominal === null || $proof === null ? null : $this->nominal->newtons / $proof->newtons;
    }

    /** Share of the yield, torsion included; null past the proof load, where it is not valid. */
    public function yieldShare(): ?float
    {
        $tightening = $this->data->tightening();

        return $this->nominal === null || $tightening === null || $this->data->strength === null || $this->data->friction === null || $this->pastProof
            ? null
            : $tightening->yieldShare($this->nominal, $this->data->strength->yield->megapascals, $this->data->friction->thread);
    }

    /** Does it yield while it is tightened, torsion counted, though its clamp alone would not make it? */
    public function isPastYield(): bool
    {
        return ($this->yieldShare() ?? 0.0) > 1.0;
    }

    /** Stretch that a micrometer would see, mm; null past the proof load. */
    public function stretch(): ?float
    {
        return $this->nominal === null || $this->data->body === null || $this->pastProof
            ? null
            : $this->data->body->micrometerStretch($this->nominal)->inBase()->toFloat();
    }

    /** The clamp under another surface condition, all else the same; null where this one is not to be had either. */
    public function under(string $condition): ?Force
    {
        $d = $this->data;

        return (new self(new JointData($d->thread, $d->strength, Friction::ofCondition($condition), $d->bearingDiameter, $d->holeDiameter, $d->body, $d->memberStiffness), $this->torque, $this->degrees))->nominal;
    }

    /** @return list<string> sentences to read */
    public function sentences(): array
    {
        $lines = [];
        if ($this->nominal !== null && $this->low !== null && $this->high !== null) {
            $lines[] = sprintf('Clamp: %s, from %s to %s.', $this->nominal->typeset(), $this->low->typeset(), $this->high->typeset());
        }
        if ($this->proofShare() !== null) {
            $lines[] = sprintf('That is %.0f %% of the proof load.', 100 * $this->proofShare());
        }
        if ($this->pastProof) {
            $lines[] = 'Past the proof load: the estimate is not valid; the fastener yields or is close to it.';
        }
        if ($this->yieldShare() !== null) {
            $lines[] = sprintf('With torsion, %.0f %% of the yield.', 100 * $this->yieldShare());
        }
        if ($this->isPastYield()) {
            $lines[] = 'Past the yield once the torsion is counted, though below the proof load: the fastener yields while it is tightened.';
        }
        if ($this->stretch() !== null) {
            $lines[] = sprintf('A micrometer would see %.0f µm of stretch.', 1000 * $this->stretch());
        }

        return [...$lines, ...$this->missing];
    }

    private function gain(): ?Force
    {
        $d = $this->data;

        return $this->degrees === null || $d->thread === null || $d->body === null || $d->memberStiffness === null ? null
            : (new Clamping($d->thread->pitch, $d->body->stiffness(), $d->memberStiffness))->preload($this->degrees);
    }

    /** @return list<string> */
    private function assumed(): array
    {
        return array_values(array_filter([
            $this->data->friction === null ? '' : 'Friction: '.$this->data->friction->source.sprintf(' (thread %.2f, head %.2f).', $this->data->friction->thread, $this->data->friction->head),
            $this->data->strength === null ? '' : 'Strength: '.$this->data->strength->source.'.',
            $this->data->tightening() === null ? '' : 'Torque to clamp by VDI 2230-1 with the exact thread tangent.',
            $this->degrees === null ? '' : 'Angle to clamp elastic, from the torque on.',
        ]));
    }

    /** @return list<string> */
    private function prevented(): array
    {
        $d = $this->data;
        $lacks = array_keys(array_filter(['the thread' => $d->thread === null, 'the friction' => $d->friction === null, 'the bearing diameter' => $d->bearingDiameter === null, 'the hole diameter' => $d->holeDiameter === null, 'a torque' => $this->torque === null]));
        $angleLacks = $this->degrees === null ? [] : array_keys(array_filter(['the lengths of the bolt' => $d->body === null, 'the stiffness of the members' => $d->memberStiffness === null]));
        $say = fn (array $what, string $prevents): string => $what === [] ? '' : sprintf('Without %s there is no estimate of %s.', implode(', ', array_filter($what, is_string(...))), $prevents);

        return array_values(array_filter([
            $say($lacks, 'the clamp'),
            $say($angleLacks, 'what the angle adds'),
            $say($d->strength === null ? ['the strength'] : [], 'the share of proof and yield'),
            $say($d->body === null && $angleLacks === [] ? ['the lengths of the bolt'] : [], 'the stretch'),
        ]));
    }
}
