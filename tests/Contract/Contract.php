<?php

declare(strict_types=1);

namespace Tests\Contract;

use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;
use stdClass;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Yaml\Yaml;

/** The API's contract, and requests and responses held against it. */
final class Contract
{
    private const ID = 'tekkal://contract';

    private readonly stdClass $document;

    private readonly Validator $validator;

    private function __construct()
    {
        $this->document = Yaml::parseFile(dirname(__DIR__, 2).'/openapi/openapi.yaml', Yaml::PARSE_OBJECT_FOR_MAP);
        $this->validator = new Validator;
        $this->validator->resolver()?->registerRaw($this->document, self::ID);
    }

    public static function get(): self
    {
        static $contract = null;

        return $contract ??= new self;
    }

    /** @return list<string> "GET /builds/{build}" … */
    public function operations(): array
    {
        $operations = [];
        foreach (get_object_vars($this->document->paths) as $path => $methods) {
            foreach (array_keys(get_object_vars($methods)) as $method) {
                $operations[] = strtoupper($method).' '.$path;
            }
        }

        return $operations;
    }

    public function holdResponse(Request $request, Response $response): void
    {
        if (! $request->is('api/*')) {
            return;
        }
        /** @var Route|null $route none where the address is none */
        $route = $request->route();
        $path = $route?->uri();
        $status = $response->getStatusCode();
        $operation = $path === null ? null : ($this->document->paths->{substr($path, 3)}->{strtolower($request->method())} ?? null);
        if ($operation === null) {
            Assert::assertGreaterThanOrEqual(400, $status, "{$request->method()} $path is answered and stands in no contract.");
        }
        $stated = isset($operation->responses->{$status});
        $told = "{$request->method()} {$request->path()} answered $status";
        if ($status < 400) {
            Assert::assertTrue($stated, "$told, and the contract does not say so.");
            $this->holdRequest($request, $operation, (string) $path);
        }
        if ($response->getContent() === '' || $status === 204) {
            return;
        }
        if ($status < 400 && ! isset($operation->responses->{$status}->content->{'application/json'})) {
            // A file, not JSON: its type must be one that is stated.
            Assert::assertContains(explode(';', (string) $response->headers->get('Content-Type'))[0], array_keys(get_object_vars($operation->responses->{$status}->content)), $told);

            return;
        }
        $pointer = $status < 400
            ? $this->pointer('paths', substr((string) $path, 3), strtolower($request->method()), 'responses', (string) $status, 'content', 'application/json', 'schema')
            : '#/components/schemas/Problem';
        Assert::assertSame($status < 400 ? 'application/json' : 'application/problem+json', $response->headers->get('Content-Type'), $told);
        $body = json_decode((string) $response->getContent(), false, flags: JSON_THROW_ON_ERROR);
        $this->hold($body, $pointer, $told);
        if ($status >= 400) {
            Assert::assertSame($status, $body->status, "$told and says otherwise in its body");
        }
    }

    /** A request that was carried out must have been one that the contract allows. */
    private function holdRequest(Request $request, stdClass $operation, string $path): void
    {
        if (isset($operation->requestBody) && $request->getContent() !== '') {
            $pointer = $this->pointer('paths', substr($path, 3), strtolower($request->method()), 'requestBody', 'content', 'application/json', 'schema');
            $this->hold(json_decode($request->getContent(), false, flags: JSON_THROW_ON_ERROR), $pointer, "{$request->method()} {$request->path()} was accepted");
        }
    }

    private function hold(mixed $data, string $pointer, string $told): void
    {
        $result = $this->validator->validate($data, (object) ['$ref' => self::ID.$pointer]);
        $error = $result->error();
        Assert::assertTrue($result->isValid(), $error === null ? '' : $told.', which the contract does not allow: '.json_encode((new ErrorFormatter)->format($error), JSON_UNESCAPED_SLASHES));
    }

    private function pointer(string ...$keys): string
    {
        return '#/'.implode('/', array_map(fn (string $k): string => rawurlencode(str_replace(['~', '/'], ['~0', '~1'], $k)), $keys));
    }
}
