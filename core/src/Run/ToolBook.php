<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Unit\Written;

/** What is known of the tools of a run while it is folded. It writes nothing. */
final readonly class ToolBook
{
    /** The fact of a tool that it may not be used until it was checked; its value is the reason. */
    public const OUT = 'tool_out';

    public function __construct(private State $state)
    {
    }

    /** What it is set to; null where nobody knows. */
    public function shows(?string $tool): ?Written
    {
        return $this->state->settingOf($tool);
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
