<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Judgement;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Written;

/** A judgement with what it rests on: the value that was compared, and the window. */
final readonly class Judged
{
    public const KEYS = ['verdict', 'evidence', 'reason', 'judged', 'target', 'low', 'high', 'window_of'];

    /**
     * @param  Written|null  $value  what was compared: the reading, a stretch, a change, a sum; null where nothing was
     * @param  string|null  $windowOf  the source of the window, by its key in the document
     * @param  Cause|null  $cause  what was wrong, where it was not the controlled value itself; no part of what is stored
     */
    public function __construct(
        public Judgement $judgement,
        public ?Written $value = null,
        public ?Window $window = null,
        public ?string $windowOf = null,
        public ?Written $target = null,
        public ?Cause $cause = null,
    ) {
    }

    public static function word(Verdict $verdict, EvidenceGrade $evidence, string $reason): self
    {
        return new self(new Judgement($verdict, $evidence, $reason));
    }

    public function because(?Cause $cause): self
    {
        return new self($this->judgement, $this->value, $this->window, $this->windowOf, $this->target, $cause);
    }

    /** At a step that aims at this. */
    public function at(?Written $target, ?string $windowOf): self
    {
        return new self($this->judgement, $this->value, $this->window, $this->window === null ? null : $windowOf, $target);
    }

    public function isGood(): bool
    {
        return $this->judgement->verdict->isGood();
    }

    /** Does a step stand well on it? */
    public function status(): StepStatus
    {
        return match (true) {
            ! $this->isGood() => StepStatus::Stopped,
            $this->judgement->evidence === EvidenceGrade::Unknown => StepStatus::Unknown,
            default => StepStatus::Done,
        };
    }

    public static function fromBody(Body $body): self
    {
        [$low, $high] = [$body->optionalQuantity('low'), $body->optionalQuantity('high')];

        return new self(
            new Judgement($body->word('verdict', Verdict::class), $body->word('evidence', EvidenceGrade::class), $body->text('reason', Body::SENTENCE)),
            $body->optionalQuantity('judged'),
            $low === null && $high === null ? null : new Window($low, $high),
            $body->optionalText('window_of'),
            $body->optionalQuantity('target'),
        );
    }

    /** @return array<string, string> */
    public function toBody(): array
    {
        return array_filter([
            'verdict' => $this->judgement->verdict->value, 'evidence' => $this->judgement->evidence->value, 'reason' => $this->judgement->reason,
            'judged' => $this->value?->code(), 'target' => $this->target?->code(), 'low' => $this->window?->low?->code(), 'high' => $this->window?->high?->code(), 'window_of' => $this->windowOf,
        ], fn (?string $v): bool => $v !== null);
    }
}
