<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\ObjectReader;
use Tekkal\Core\Document\Purpose;
use Tekkal\Core\Unit\Duration;

/** At least, or at most, a time. */
final readonly class SettleStage extends StageOwn
{
    private function __construct(public ?Duration $atLeast, public ?Duration $atMost)
    {
    }

    public static function declaration(): StageDeclaration
    {
        return new StageDeclaration(
            'settle', 'Wait at least, or at most, a time.',
            new Aims(Targets::None),
            new Handling(null, 0, ordered: false),
            new Judging(JudgedBy::Time, Attestation::OneByOne, opensFault: false),
            [StageField::of('at_least', StageField::ref('duration')), StageField::of('at_most', StageField::ref('duration'))],
            Purpose::cases(),
        );
    }

    public static function read(ObjectReader $f, array $before, array $checks): self
    {
        $own = new self($f->optionalDuration('at_least'), $f->optionalDuration('at_most'));
        if ($own->atLeast === null && $own->atMost === null) {
            $f->problem('at_least', 'a settling stage says at least or at most how long');
        }

        return $own;
    }

    public function line(string $value, array $checks): string
    {
        return 'settle '.implode(', ', array_filter([
            $this->atLeast === null ? '' : 'at least '.$this->atLeast->printed,
            $this->atMost === null ? '' : 'at most '.$this->atMost->printed,
        ]));
    }
}
