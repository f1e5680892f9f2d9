<?php

declare(strict_types=1);

namespace Tests\Contract;

use App\Shared\ProblemType;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\AssertionFailedError;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Yaml\Yaml;
use Tests\Feature\FeatureTestCase;

final class ContractTest extends FeatureTestCase
{
    public function test_every_route_of_the_api_stands_in_the_contract_and_the_contract_names_no_other(): void
    {
        $routes = collect(Route::getRoutes()->getRoutes())->filter(fn (OneRoute $r): bool => str_starts_with($r->uri(), 'api/'))
            ->flatMap(fn (OneRoute $r): array => array_map(fn (string $method): string => $method.' '.substr($r->uri(), 3), array_diff($r->methods(), ['HEAD'])));

        self::assertEqualsCanonicalizing(Contract::get()->operations(), $routes->all());
    }

    public function test_the_contract_knows_every_type_of_problem(): void
    {
        $document = Yaml::parseFile(base_path('openapi/openapi.yaml'));

        self::assertEqualsCanonicalizing(
            array_map(fn (ProblemType $t): string => $t->uri(), ProblemType::cases()),
            data_get($document, 'components.schemas.Problem.properties.type.enum'),
        );
    }

    public function test_an_answer_with_a_field_too_many_is_caught(): void
    {
        $this->expectException(AssertionFailedError::class);
        $this->expectExceptionMessage('which the contract does not allow');
        $request = request()->create('/api/tools', 'GET');
        $request->setRouteResolver(fn () => collect(Route::getRoutes()->getRoutes())->first(fn (OneRoute $r): bool => $r->uri() === 'api/tools'));

        Contract::get()->holdResponse($request, new JsonResponse(['today' => '2026-06-15', 'tools' => [], 'extra' => 1]));
    }

    public function test_an_answer_without_a_field_that_is_promised_is_caught(): void
    {
        $this->expectException(AssertionFailedError::class);
        $request = request()->create('/api/tools', 'GET');
        $request->setRouteResolver(fn () => collect(Route::getRoutes()->getRoutes())->first(fn (OneRoute $r): bool => $r->uri() === 'api/tools'));

        Contract::get()->holdResponse($request, new JsonResponse(['tools' => []]));
    }
}
