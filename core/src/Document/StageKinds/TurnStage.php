<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\Motion;
use Tekkal\Core\Document\ObjectReader;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** Through an angle counted from the threshold torque. */
final readonly class TurnStage extends StageOwn
{
    private const COUNTED = ['from_stage_start', 'from_threshold'];

    /**
     * @param  Written|null  $threshold  the torque from which the angle is counted; null where it is missing, or each target says its own
     * @param  bool  $fromThreshold  is it counted from there on the way, so that no round before has to reach it?
     */
    private function __construct(public ?Written $threshold, public bool $fromThreshold)
    {
    }

    public static function declaration(): StageDeclaration
    {
        return new StageDeclaration(
            'turn', 'Turn through an angle counted from the threshold torque, which the stage before has reached.',
            new Aims(Targets::Wanted, Kind::Angle),
            new Handling('angle_gauge', 20, tightens: true, motion: Motion::OneMotion),
            new Judging(JudgedBy::Value, Attestation::Measured, wordCounts: true),
            [
                StageField::of('threshold', ['description' => 'The torque from which the angle is counted; an electronic tool is set to it. Wanted, unless each target says its own.', 'oneOf' => [StageField::ref('torque'), StageField::ref('missing')]]),
                StageField::of('counted', StageField::words(self::COUNTED, 'From where the angle of this stage counts.', 'from_stage_start')),
            ],
        );
    }

    public static function read(ObjectReader $f, array $before, array $checks): self
    {
        $fromThreshold = $f->oneOf('counted', self::COUNTED, 'from_stage_start') === 'from_threshold';

        return new self(! $f->has('threshold') || $f->missing('threshold') ? null : $f->quantity('threshold', Kind::Torque), $fromThreshold);
    }

    public function line(string $value, array $checks): string
    {
        return '+'.$value;
    }
}
