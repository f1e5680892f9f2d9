<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Unit\Written;

/** What is known of the tools of a run while it is folded. It writes nothing. */
final readonly class ToolBook
{
    /** The fact of a tool that it may not be used until it was checked; its value is the reason. */
    public const OUT = 'tool_out';

    /** The fact of a tool that its setting was read with an adapter on; its value is that adapter. */
    public const ADAPTER = 'adapter';

    public function __construct(private State $state)
    {
    }

    /** What it is set to; null where nobody knows. */
    public function shows(?string $tool): ?Written
    {
        return $this->state->settingOf($tool);
    }

    /** The adapter with which its setting was read; null: none, or nobody said. */
    public function adapterOn(?string $tool): ?string
    {
        return $tool === null ? null : $this->state->factAt($tool, self::ADAPTER);
    }

    /** @return list<string> steps after which the setting of this tool has to be read again */
    public function toReadAgain(string $tool): array
    {
        return array_map(strval(...), array_keys($this->state->facts(StepBook::SETTING_OPEN), $tool, true));
    }

    public function isOut(?string $tool): bool
    {
        return $tool !== null && $this->state->factAt($tool, self::OUT) !== null;
    }

    /** @return array<string, string> tools that may not be used, with the reason */
    public function out(): array
    {
        return $this->state->facts(self::OUT);
    }
}
