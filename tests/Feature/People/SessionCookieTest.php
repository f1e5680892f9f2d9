<?php

declare(strict_types=1);

namespace Tests\Feature\People;

use App\Shared\Ids;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;

/** A late answer must not bring an older session back: its cookie is handed out when it is new, and then no more. */
final class SessionCookieTest extends FeatureTestCase
{
    public function test_a_browser_without_a_session_gets_one(): void
    {
        self::assertNotNull($this->sessionOf($this->getJson('/api/session')));
    }

    public function test_signing_in_hands_out_a_new_session_and_a_later_answer_to_the_old_one_hands_out_none(): void
    {
        $old = $this->sessionOf($this->getJson('/api/session'));
        self::assertNotNull($old);

        $signedIn = $this->withCredentials()->withCookie($this->cookieName(), $old)->postJson('/api/session', ['name' => 'lead', 'password' => 'fenmoor'])->assertOk();
        $new = $this->sessionOf($signedIn);
        self::assertNotNull($new);
        self::assertNotSame($old, $new);

        $late = $this->withCredentials()->withCookie($this->cookieName(), $new)->getJson('/api/builds');
        self::assertNull($this->sessionOf($late));
        self::assertNull($late->getCookie('XSRF-TOKEN', false));
    }

    public function test_the_answer_that_nobody_is_signed_in_and_that_to_a_poll_hand_out_none(): void
    {
        $refused = $this->getJson('/api/builds')->assertUnauthorized();
        self::assertSame([], $refused->headers->getCookies());
        $poll = '/api/live?since=0&run='.Ids::next();
        self::assertSame([], $this->getJson($poll)->assertUnauthorized()->headers->getCookies());

        $now = now()->getTimestamp();
        $this->actingAs($this->world->person('lead'))->withSession(['kind' => 'desk', 'signed_in_at' => $now, 'last_use' => $now]);
        self::assertSame([], $this->getJson($poll)->assertNotFound()->headers->getCookies());
    }

    public function test_a_token_that_no_longer_fits_is_renewed_by_asking_for_the_session(): void
    {
        $id = $this->sessionOf($this->getJson('/api/session'));
        self::assertNotNull($id);
        $again = $this->withCredentials()->withCookie($this->cookieName(), $id)->getJson('/api/session');

        self::assertNull($this->sessionOf($again));
        self::assertInstanceOf(Cookie::class, $again->getCookie('XSRF-TOKEN', false));
    }

    /** @param  TestResponse<covariant Response>  $response */
    private function sessionOf(TestResponse $response): ?string
    {
        return $response->getCookie($this->cookieName())?->getValue();
    }

    private function cookieName(): string
    {
        return (string) config('session.cookie');
    }
}
