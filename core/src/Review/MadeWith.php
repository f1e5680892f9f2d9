<?php

declare(strict_types=1);

namespace Tekkal\Core\Review;

/** What a joint was made with, as far as an audit has to say it. */
final readonly class MadeWith
{
    /**
     * @param  string|null  $stopped  its revision or a lot that is stopped, as a sentence without its end
     * @param  string  $table  the general table that its plan is a row of; empty: it was written for the joint
     */
    public function __construct(public ?string $stopped = null, public string $table = '')
    {
    }
}
