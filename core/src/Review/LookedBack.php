<?php

declare(strict_types=1);

namespace Tekkal\Core\Review;

use Tekkal\Core\Tool\Day;

/** What a look-back at a tool came to on one build; one that a calibration has answered since is none. */
final readonly class LookedBack
{
    /**
     * @param  string  $cause  why one looked back, in words that follow the tool's code: "failed its check"
     * @param  Day|null  $since  the first doubtful day; null: all that came before
     * @param  array{in: int, in_doubt: int, out: int}  $found  how many of its results here came out how
     * @param  string|null  $decision  what becomes of it, in words; null: nobody has decided
     */
    public function __construct(
        public int $case,
        public string $cause,
        public ?Day $since,
        public Day $until,
        public array $found,
        public ?string $decision = null,
    ) {
    }

    public function covers(Day $day): bool
    {
        return ! $day->isAfter($this->until) && ($this->since === null || ! $this->since->isAfter($day));
    }

    public function answer(): Answer
    {
        return match (true) {
            $this->found['out'] > 0 => Answer::No,
            $this->found['in_doubt'] > 0 => Answer::InDoubt,
            default => Answer::Yes,
        };
    }

    /** "looked back at (case 1), 4 of its results here lie outside, 3 are in doubt; decided: recall the engine" */
    public function words(): string
    {
        ['in_doubt' => $inDoubt, 'out' => $out] = $this->found;
        $all = array_sum($this->found);
        $found = implode(', ', array_filter([
            $out > 0 ? sprintf('%d of its %d results here %s outside', $out, $all, $out === 1 ? 'lies' : 'lie') : null,
            $inDoubt > 0 ? sprintf('%d %s in doubt', $inDoubt, $inDoubt === 1 ? 'is' : 'are') : null,
        ]));

        return sprintf('looked back at (case %d), %s; %s', $this->case, $found === '' ? ($all === 1 ? 'its one result here stays in' : sprintf('all %d of its results here stay in', $all)) : $found, $this->decision === null ? 'nobody has decided yet what becomes of it' : "decided: $this->decision");
    }
}
