<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\ObjectReader;
use Tekkal\Core\Document\Per;
use Tekkal\Core\Document\Purpose;

/** A check is due. */
final readonly class CheckStage extends StageOwn
{
    /** @param  bool  $opens  does it ask to turn the shaft, so that a leg of a block comes into reach? */
    private function __construct(public string $check, public Per $per, public bool $opens)
    {
    }

    public static function declaration(): StageDeclaration
    {
        return new StageDeclaration(
            'check', 'A check is due here.',
            new Aims(Targets::None), new Handling(null, 30), new Judging(JudgedBy::Check, Attestation::OneByOne, opensFault: false),
            [
                StageField::wanted('check', StageField::ref('key', 'Which check.')),
                StageField::of('opens', ['type' => 'boolean'])->inPlanOnly(),
                StageField::of('per', StageField::words(array_column(Per::cases(), 'value'), 'Once, for each part or at each position. In a block, once is once per leg.', 'joint')),
            ],
            Purpose::cases(),
        );
    }

    public static function read(ObjectReader $f, array $before, array $checks): self
    {
        return new self($f->oneOf('check', $checks), Per::from($f->oneOf('per', array_column(Per::cases(), 'value'), Per::Joint->value)), $f->boolean('opens'));
    }

    public function line(string $value, array $checks): string
    {
        return 'check: '.($checks[$this->check] ?? '');
    }
}
