<?php

declare(strict_types=1);

namespace Tests\Feature\Shared;

use App\Shared\Http\ProblemDetails;
use App\Shared\ProblemType;
use ErrorException;
use Illuminate\Database\QueryException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionMethod;
use Tests\Feature\FeatureTestCase;

/** Large and odd input is refused with a sentence, before the work begins. */
final class OddInputTest extends FeatureTestCase
{
    public function test_a_list_of_millions_is_refused_before_it_is_taken_apart(): void
    {
        $this->raw('library/map/order', '{"positions":['.str_repeat('1,', 260_000).'1],"order":[]}')->assertStatus(413)
            ->assertJsonPath('type', 'tekkal:too-large')->assertJsonPath('limit', 250_000)->assertJsonPath('unit', 'values');
        $this->raw('library/look', '{"document":"'.str_repeat('x', 4_100_000).'"}')->assertStatus(413)->assertJsonPath('unit', 'bytes');
    }

    public function test_a_number_that_is_infinity_to_a_computer_is_refused_anywhere(): void
    {
        foreach (['{"positions":[{"key":"a","x":1e309,"y":0}],"order":["a"]}', '{"positions":[{"key":"a","x":-1E+400,"y":0}],"order":["a"]}'] as $body) {
            $this->raw('library/map/order', $body)->assertStatus(422)->assertJsonPath('type', 'tekkal:unreadable');
        }
        $this->raw('library/map/order', '{"positions":[{"key":"e1e309","x":"1","y":"0"}],"order":["e1e309"]}')->assertOk();
    }

    public function test_a_list_is_counted_before_its_items_are_looked_at(): void
    {
        $this->world->desk('lead', 'POST', 'library/map/order', ['positions' => array_fill(0, 2001, 1), 'order' => []])
            ->assertStatus(422)->assertJsonPath('field', 'positions')->assertJsonPath('value', 2001)->assertJsonPath('limit', 2000)->assertJsonPath('unit', 'items');
        $this->world->desk('lead', 'POST', 'library/line', ['line' => '15 lbf·ft', 'groups' => array_fill(0, 201, 'x')])->assertStatus(422)->assertJsonPath('field', 'groups');
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function unseen(): iterable
    {
        yield 'a mark that turns the direction of writing' => ['devices', ['name' => "Bench \u{202E}9"], 'name'];
        yield 'a blank of no width' => ['library/procedures', ['joint' => '019ec000-0000-7000-8000-0000000000aa', 'option' => "stock\u{200B} bolts"], 'option'];
        yield 'a bell' => ['library/sources', ['code' => 'S-9', 'kind' => 'engine_maker', 'title' => "Book\u{7}", 'edition' => '1', 'date' => '2020'], 'title'];
        yield 'deep in a list' => ['library/families', ['code' => 'ZZ', 'name' => 'Zed', 'joints' => ['Rods', "Ma\u{2066}ins"], 'variants' => []], 'joints.1'];
        yield 'a name of two lines' => ['devices', ['name' => "Bench\n9"], 'name'];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('unseen')]
    public function test_what_cannot_be_seen_is_in_no_name(string $path, array $body, string $field): void
    {
        $this->world->desk('lead', 'POST', $path, $body)->assertStatus(422)->assertJsonPath('field', $field);
    }

    public function test_an_option_of_a_hundred_thousand_characters_is_refused_with_its_limit(): void
    {
        $this->world->desk('lead', 'POST', 'library/procedures', ['joint' => $this->world->joint->id, 'option' => str_repeat('x', 100_000)])
            ->assertStatus(422)->assertJsonPath('field', 'option')->assertJsonPath('limit', 80)->assertJsonPath('unit', 'characters');
    }

    /** @return iterable<string, array{int, int, string}> */
    public static function refusedByTheDatabase(): iterable
    {
        yield 'a sign the column has no room for' => [1267, 422, 'bad-value'];
        yield 'a number out of range' => [1264, 422, 'bad-value'];
        yield 'a text too long' => [1406, 422, 'bad-value'];
        yield 'a full table' => [1114, 503, 'storage'];
        yield 'a full disk' => [1021, 503, 'storage'];
        yield 'a server that is gone' => [2006, 503, 'storage'];
    }

    #[DataProvider('refusedByTheDatabase')]
    public function test_what_the_database_says_becomes_a_sentence(int $code, int $status, string $type): void
    {
        $cause = new PDOException('refused');
        $cause->errorInfo = ['HY000', $code, 'refused'];
        $answer = $this->answerTo(new QueryException('mariadb', 'select 1', [], $cause));

        self::assertSame([$status, "tekkal:$type"], [$answer->getStatusCode(), $answer->getData(true)['type']]);
        self::assertSame(in_array($code, [1114, 1021], true), str_contains($answer->getData(true)['detail'], 'The disk of the server is full.'));
    }

    public function test_a_full_disk_under_a_file_is_said_too(): void
    {
        $answer = $this->answerTo(new ErrorException('file_put_contents(): Write of 80 bytes failed with errno=28 No space left on device'));

        self::assertSame(ProblemType::Storage->uri(), $answer->getData(true)['type']);
        self::assertStringContainsString('The disk of the server is full. Nothing was stored', $answer->getData(true)['detail']);
    }

    public function test_a_file_name_that_cannot_be_read_is_kept_as_far_as_it_can_be(): void
    {
        $source = (string) $this->world->desk('lead', 'POST', 'library/sources', ['code' => 'S-1', 'kind' => 'engine_maker', 'title' => 'Book', 'edition' => '1', 'date' => '2020'])->assertCreated()->json('id');
        $file = UploadedFile::fake()->createWithContent("bo\u{202E}ok\xFF\n.pdf", "%PDF-1.4\n%%EOF");
        $this->actingAs($this->world->person('lead'))->withSession(['kind' => 'desk', 'signed_in_at' => now()->getTimestamp(), 'last_use' => now()->getTimestamp()])
            ->post("/api/library/sources/$source/paper", ['file' => $file], ['Accept' => 'application/json'])->assertNoContent();

        self::assertSame('book?.pdf', DB::table('sources')->where('id', $source)->value('file_name'));
    }

    private function answerTo(\Throwable $e): JsonResponse
    {
        $answer = (new ReflectionMethod(ProblemDetails::class, 'of'))->invoke(null, $e);
        assert($answer instanceof JsonResponse);

        return $answer;
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function raw(string $path, string $body): \Illuminate\Testing\TestResponse
    {
        return $this->actingAs($this->world->person('lead'))->withSession(['kind' => 'desk', 'signed_in_at' => now()->getTimestamp(), 'last_use' => now()->getTimestamp()])
            ->call('POST', "/api/$path", [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], $body);
    }
}
