<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Document\StageKinds\CheckStage;

/** The same of what is put in beside the fasteners: an aid that nobody takes out, a shaft turned while it must not be. */
final readonly class NeverMeantBeside
{
    public function __construct(private Revision $revision)
    {
    }

    /** @return list<string> sentences; empty when it may be signed */
    public function sentences(): array
    {
        return [...$this->leftIn(), ...$this->turnedWhileHeld()];
    }

    /** @return list<string> */
    private function leftIn(): array
    {
        $in = [];
        foreach ($this->revision->stages() as $i => $stage) {
            $in = array_diff_key($in, array_flip($stage->rules->waiting->remove));
            foreach ($stage->rules->waiting->fit as $aid) {
                $in[$aid] = $i + 1;
            }
        }
        $left = array_filter($in, fn (int $round, string $aid): bool => $this->revision->rigging->aids[$aid]->stays === false, ARRAY_FILTER_USE_BOTH);

        return array_map(fn (string $aid, int $round): string => sprintf('%s goes in before round %d, and no round says that it comes out.', ucfirst($this->revision->rigging->aids[$aid]->words()), $round), array_keys($left), $left);
    }

    /** @return list<string> */
    private function turnedWhileHeld(): array
    {
        $why = $in = [];
        foreach ($this->revision->stages() as $i => $stage) {
            $in = array_diff([...$in, ...$stage->rules->waiting->fit], $stage->rules->waiting->remove);
            $check = $stage->rules->own instanceof CheckStage ? $this->revision->checks[$stage->rules->own->check] : null;
            if ($check?->turnsShaft !== true) {
                continue;
            }
            $aids = array_filter(array_diff($in, $stage->rules->waiting->fit), fn (string $a): bool => $this->revision->rigging->aids[$a]->holdsShaft);
            $held = [...array_map(fn (string $a): string => $this->revision->rigging->aids[$a]->words().' is in', $aids), ...$this->stopsAt($i, $check->key)];
            $why = [...$why, ...array_map(fn (string $by): string => sprintf('Round %d (%s) turns the shaft, and %s.', $i + 1, $check->name, $by), $held)];
        }

        return $why;
    }

    /** @return list<string> why the document itself says that the shaft must not be turned in this round */
    private function stopsAt(int $round, string $check): array
    {
        $why = [];
        foreach ($this->revision->rigging->stops as $stop) {
            $from = $stop->from === null ? -1 : $this->lastRoundOf($stop->from);
            $until = $stop->until === null ? PHP_INT_MAX : $this->lastRoundOf($stop->until);
            if ($from < $round && ($until > $round || $stop->until === $check)) {
                $why[] = $stop->why;
            }
        }

        return $why;
    }

    /** Of a stage or a check, its last round in the document; of one that no round asks for, after all of them. */
    private function lastRoundOf(string $key): int
    {
        $last = PHP_INT_MAX;
        foreach ($this->revision->stages() as $i => $stage) {
            if ($stage->key() === $key || ($stage->rules->own instanceof CheckStage && $stage->rules->own->check === $key)) {
                $last = $i;
            }
        }

        return $last;
    }
}
