<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

/** Which step a call is about, and at which position; what belongs to its kind alone stands beside it. */
final readonly class At
{
    /** @param  array<string, mixed>  $more */
    public function __construct(public ?string $step = null, public ?string $position = null, public array $more = [])
    {
    }
}
