<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\ObjectReader;
use Tekkal\Core\Document\Purpose;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** Back by an angle, or fully. */
final readonly class LoosenStage extends StageOwn
{
    private const HOW = ['fully', 'by_angle'];

    /** @param  Written|null  $back  the angle back; null: fully */
    private function __construct(public ?Written $back, private ?Written $atATime)
    {
    }

    public static function declaration(): StageDeclaration
    {
        return new StageDeclaration(
            'loosen', 'Back by an angle, or fully.',
            new Aims(Targets::PlacesOnly), new Handling('hand', 8), self::byHand(),
            [
                StageField::of('how', StageField::words(self::HOW, 'How far.'))->inDocumentOnly(),
                StageField::of('back', StageField::ref('angle', 'The angle back.')),
                self::littleByLittle('all are free'),
            ],
            [Purpose::Tightening, Purpose::Teardown],
        );
    }

    public static function read(ObjectReader $f, array $before, array $checks): self
    {
        $how = $f->oneOf('how', self::HOW, $f->has('back') ? 'by_angle' : 'fully');

        return new self($how === 'by_angle' ? $f->quantity('back', Kind::Angle) : null, self::readAtATime($f));
    }

    public function atATime(): ?Written
    {
        return $this->atATime;
    }

    public function line(string $value, array $checks): string
    {
        $how = $this->back === null ? 'loosen' : 'back '.$this->back->typeset();

        return $how.($this->atATime === null ? '' : ', '.$this->atATime->typeset().' at a time until all are free');
    }
}
