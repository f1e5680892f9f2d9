<?php

declare(strict_types=1);

namespace App\Shared\Http;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

/** Opens the session for reading: a poll neither writes its file nor counts as activity. */
final class StartSessionReadOnly extends StartSession
{
    /** @param  Request  $request */
    protected function saveSession($request): void
    {
    }
}
