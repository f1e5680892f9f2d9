<?php

declare(strict_types=1);

namespace App\Shared\Http;

use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

/**
 * Opens the session for reading: a poll neither writes its file nor counts as activity, and it hands out no cookie. The
 * answer to one that was under way while somebody signed in would bring the old session back.
 */
final class StartSessionReadOnly extends StartSession
{
    /** @param  Request  $request */
    protected function saveSession($request): void
    {
    }

    protected function addCookieToResponse(Response $response, Session $session): void
    {
    }
}
