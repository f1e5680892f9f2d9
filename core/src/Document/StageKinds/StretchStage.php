<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\Motion;
use Tekkal\Core\Document\ObjectReader;
use Tekkal\Core\Document\ThenByTorque;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** Until the elongation is in its window. */
final readonly class StretchStage extends StageOwn
{
    private const METHODS = ['absolute', 'comparator'];

    /**
     * @param  bool  $absolute  a micrometer over the whole bolt, free length first; else a dial gauge zeroed on the free bolt
     * @param  Written|null  $ceiling  torque that must not be exceeded on the way
     * @param  ThenByTorque|null  $thenByTorque  after how many measured ones the others may be done by torque alone; null: never
     * @param  Written|null  $oneZeroWithin  one zero may serve the partner of the same part if its free length is within this
     */
    private function __construct(
        public bool $absolute,
        public ?Written $ceiling,
        public ?Written $oneZeroWithin,
        public ?ThenByTorque $thenByTorque,
    ) {
    }

    public static function declaration(): StageDeclaration
    {
        return new StageDeclaration(
            'stretch', 'Tighten until the elongation is in its window.',
            new Aims(Targets::Wanted, Kind::Length),
            // What lies below its window may be taken further unless its sheet demands one motion.
            new Handling('micrometer', 60, tightens: true, motion: Motion::MayRatchet),
            new Judging(JudgedBy::Stretch, Attestation::Measured),
            [
                StageField::wanted('method', StageField::words(self::METHODS, 'Micrometer over the whole bolt, free length first; or dial gauge zeroed on the free bolt.'), 'absolute'),
                StageField::of('ceiling', StageField::ref('torque', 'Torque that must not be exceeded on the way.')),
                StageField::of('one_zero_within', StageField::ref('length', 'One zero may serve the partner of the same part if its free length is within this.')),
                StageField::of('then_by_torque', StageField::ref('then_by_torque')),
            ],
        );
    }

    public static function read(ObjectReader $f, array $before, array $checks): self
    {
        $then = $f->optionalObject('then_by_torque');

        return new self(
            $f->oneOf('method', self::METHODS) === 'absolute', $f->optionalQuantity('ceiling', Kind::Torque), $f->optionalQuantity('one_zero_within', Kind::Length),
            $then === null ? null : ThenByTorque::read($then),
        );
    }

    public function line(string $value, array $checks): string
    {
        return "stretch $value".($this->ceiling === null ? '' : ' under '.$this->ceiling->typeset());
    }
}
