<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

/** What became of a text: Understood, Doubtful (a person must choose) or NotUnderstood. */
interface ParseResult
{
}
