<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\Held;
use Tekkal\Core\Document\Motion;
use Tekkal\Core\Document\ObjectReader;
use Tekkal\Core\Unit\Kind;

/** One part is held at a torque while another position is tightened: two people, two tools, one record. */
final readonly class HoldStage extends StageOwn
{
    private function __construct(public Held $held)
    {
    }

    public static function declaration(): StageDeclaration
    {
        return new StageDeclaration(
            'torque, held', 'One part is held at a torque while another position is tightened: two people, two tools, one record.',
            new Aims(Targets::Wanted, Kind::Torque),
            new Handling('torque_wrench', 40, tightens: true, motion: Motion::OneMotion),
            new Judging(JudgedBy::Value, Attestation::Measured, wordCounts: true),
            [StageField::wanted('held', StageField::ref('held'), ['what' => '', 'direction' => 'anticlockwise'])],
        );
    }

    public static function read(ObjectReader $f, array $before, array $checks): self
    {
        return new self(Held::read($f->object('held')));
    }

    public function people(): int
    {
        return 2;
    }

    public function line(string $value, array $checks): string
    {
        $at = $this->held->torque?->typeset() ?? $this->held->window?->typeset() ?? 'any torque';

        return sprintf('%s holding %s at %s %s', $value, $this->held->what, $at, $this->held->direction);
    }
}
