<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\ObjectReader;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** Run down to contact, by hand or powered up to a stated low limit. */
final readonly class SeatStage extends StageOwn
{
    private function __construct(private ?Written $atATime)
    {
    }

    public static function declaration(): StageDeclaration
    {
        return new StageDeclaration(
            'seat',
            'Run down to contact, by hand or powered up to a low limit. "Finger tight, no torque" is a valid stage with a valid result.',
            new Aims(Targets::LimitsIfStated, Kind::Torque), new Handling('hand', 10, tightens: true), self::byHand(),
            [self::littleByLittle('all are in contact')],
        );
    }

    public static function read(ObjectReader $f, array $before, array $checks): self
    {
        return new self(self::readAtATime($f));
    }

    public function atATime(): ?Written
    {
        return $this->atATime;
    }

    public function line(string $value, array $checks): string
    {
        return trim("seat $value").($this->atATime === null ? '' : ', '.$this->atATime->typeset().' at a time until all are in contact');
    }
}
