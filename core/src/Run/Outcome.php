<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Acceptance\Judgement;
use Tekkal\Core\Run\Effect\Effect;
use Tekkal\Core\Run\Effect\EffectCodec;
use Tekkal\Core\Run\Effect\Stood;

/**
 * What an event came to when it was recorded: its standing, everything it did to its run, and what the person was told.
 * It is stored whole; replay assigns it and judges nothing.
 */
final readonly class Outcome
{
    /** Raised when a word is added to the list of effects or to one of them. */
    public const VERSION = 6;

    /**
     * @param  list<Effect>  $effects
     * @param  list<Saying>  $say
     * @param  int  $version  in which it was written
     */
    public function __construct(
        public Standing $standing,
        public ?SetAsideReason $reason = null,
        public array $effects = [],
        public array $say = [],
        private int $version = self::VERSION,
    ) {
    }

    /** It fits no run known here, and waits for somebody to place or dismiss it. */
    public static function inTray(SetAsideReason $reason): self
    {
        return new self(Standing::Tray, $reason, [], Sayings::of($reason, []));
    }

    public function isApplied(): bool
    {
        return $this->standing === Standing::Applied;
    }

    /** The judgement of what was given: of a round the first that is not good, else the first. */
    public function judgement(): ?Judgement
    {
        $first = null;
        foreach ($this->effects as $effect) {
            if ($effect instanceof Stood) {
                $first ??= $effect->judged->judgement;
                if (! $effect->judged->isGood()) {
                    return $effect->judged->judgement;
                }
            }
        }

        return $first;
    }

    /** @return array<string, mixed> */
    public function toBody(): array
    {
        return ['v' => $this->version, 'standing' => $this->standing->value] + ($this->reason === null ? [] : ['reason' => $this->reason->value]) + [
            'effects' => array_map(EffectCodec::toBody(...), $this->effects),
            'say' => array_map(fn (Saying $s): array => $s->toBody(), $this->say),
        ];
    }

    /**
     * @param  array<mixed>  $object
     *
     * @throws NewerRecord when it holds a version, effect, key or word that is not known here: nothing of it is guessed
     */
    public static function fromBody(array $object): self
    {
        $body = new Body($object);
        try {
            if ($body->count('v', 1) > self::VERSION) {
                throw UnreadableBody::at('v', $body->count('v'), 'at most '.self::VERSION);
            }
            $body->holdsOnly('v', 'standing', 'reason', 'effects', 'say');

            return new self(
                $body->word('standing', Standing::class), $body->optionalWord('reason', SetAsideReason::class),
                array_map(EffectCodec::fromBody(...), $body->objects('effects')), array_map(Saying::fromBody(...), $body->objects('say')), $body->count('v', 1),
            );
        } catch (UnreadableBody $e) {
            throw NewerRecord::because($e->what, $e->value, $e->limit);
        }
    }
}
