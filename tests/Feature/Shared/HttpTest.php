<?php

declare(strict_types=1);

namespace Tests\Feature\Shared;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

final class HttpTest extends FeatureTestCase
{
    public function test_every_answer_keeps_the_page_to_its_own_scripts(): void
    {
        foreach (['/', '/api/session', '/api/nothing'] as $path) {
            $response = $this->get($path);
            self::assertStringContainsString("default-src 'self'", (string) $response->headers->get('Content-Security-Policy'));
            self::assertStringContainsString("frame-ancestors 'none'", (string) $response->headers->get('Content-Security-Policy'));
            self::assertSame('nosniff', $response->headers->get('X-Content-Type-Options'));
            self::assertSame('same-origin', $response->headers->get('Referrer-Policy'));
        }
    }

    public function test_answers_of_the_api_are_kept_by_no_cache(): void
    {
        self::assertStringContainsString('no-store', (string) $this->getJson('/api/session')->headers->get('Cache-Control'));
    }

    public function test_the_session_cookie_is_strict_and_closed_to_scripts_and_names_its_instance(): void
    {
        $cookie = $this->get('/api/session')->getCookie('tekkal_test', false);

        self::assertNotNull($cookie);
        self::assertTrue($cookie->isHttpOnly());
        self::assertSame('strict', $cookie->getSameSite());
    }

    /** @return iterable<string, array{string, string, int, string}> */
    public static function mistakes(): iterable
    {
        yield 'an address that is none' => ['GET', '/api/nothing', 404, 'tekkal:not-found'];
        yield 'a verb that is not for this address' => ['DELETE', '/api/builds', 405, 'tekkal:wrong-method'];
        yield 'a revision that is none' => ['GET', '/api/library/revisions/none', 404, 'tekkal:not-found'];
        yield 'a build that is none' => ['GET', '/api/builds/none', 404, 'tekkal:not-found'];
        yield 'a job that is none' => ['POST', '/api/assignments/none/take-back', 404, 'tekkal:not-found'];
        yield 'a person who is none' => ['POST', '/api/people/none/unlock', 404, 'tekkal:not-found'];
        yield 'a bench that is none' => ['POST', '/api/devices/none/revoke', 404, 'tekkal:not-found'];
        yield 'a reading that was not set aside' => ['POST', '/api/audit/readings/none/dismiss', 422, 'tekkal:bad-value'];
    }

    #[DataProvider('mistakes')]
    public function test_a_mistake_is_answered_with_problem_details_and_a_sentence(string $method, string $path, int $status, string $type): void
    {
        $response = $this->world->desk('lead', $method, substr($path, 5));

        $response->assertStatus($status)->assertJsonPath('type', $type)->assertHeader('Content-Type', 'application/problem+json');
        self::assertNotSame('', $response->json('detail'));
    }

    public function test_broken_json_is_refused_without_a_fault(): void
    {
        $response = $this->call('POST', '/api/session', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: '{"name": "lead", ');

        $response->assertStatus(422)->assertJsonPath('type', 'tekkal:bad-value');
    }

    public function test_any_other_address_is_a_screen(): void
    {
        foreach (['/', '/builds', '/audit/some-build', '/bench/runs/some-run'] as $path) {
            $this->get($path)->assertOk()->assertSee('id="app"', false);
        }
        $this->get('/up')->assertOk()->assertSee('ok');
    }
}
