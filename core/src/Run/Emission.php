<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Run\Effect\CaseOpened;
use Tekkal\Core\Run\Effect\Effect;

/** What the event under way does: kept in order, and assigned at once, so that what follows is decided on it. */
final class Emission
{
    /** @var list<Effect> */
    private array $effects = [];

    private string $event = '';

    private int $opened = 0;

    public function __construct(private readonly State $state)
    {
    }

    public function begin(Stamp $stamp, int $seq): void
    {
        [$this->effects, $this->event, $this->opened] = [[], $stamp->id ?? (string) $seq, 0];
        $this->state->begin($stamp, $seq);
    }

    public function emit(Effect ...$effects): void
    {
        foreach ($effects as $effect) {
            $this->effects[] = $effect;
            $this->state->apply($effect);
            $this->opened += $effect instanceof CaseOpened ? 1 : 0;
        }
    }

    /** A case has the id of the event that opened it, so that device and server agree on it without counting. */
    public function caseId(): string
    {
        return $this->event.($this->opened === 0 ? '' : '.'.($this->opened + 1));
    }

    /** @return list<Effect> */
    public function effects(): array
    {
        return $this->effects;
    }
}
