<?php

declare(strict_types=1);

namespace App\Builds\Http;

use App\Builds\Actions\CloseBuild;
use App\Builds\Actions\GiveProcedure;
use App\Builds\Actions\OpenBuild;
use App\Builds\Actions\TakeBackProcedure;
use App\Builds\Queries\JointStrip;
use App\Builds\Queries\VisibleBuilds;
use App\Library\Models\Family;
use App\People\Ability;
use App\People\Models\Customer;
use App\People\Models\Person;
use App\Record\Models\Subject;
use App\Shared\Http\DeskCommand;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Builds: the row of engine stands, and each engine with its joints. */
final class BuildController
{
    private const NEWEST = 60;

    public function index(Request $request, JointStrip $strip): JsonResponse
    {
        $state = $request->validate(['state' => 'nullable|in:open,finished,shipped'])['state'] ?? null;
        $builds = VisibleBuilds::newest($request->user(), self::NEWEST, state: $state);

        return new JsonResponse([
            'builds' => $builds->map(fn (Subject $s): array => $this->head($s) + ['joints' => $strip->of($s)]),
            'shown_at_most' => self::NEWEST,
        ]);
    }

    public function show(string $build, Request $request, JointStrip $strip): JsonResponse
    {
        $subject = VisibleBuilds::find($build, $request->user());

        return new JsonResponse($this->head($subject) + ['joints' => $strip->of($subject)]);
    }

    /** What the forms of this area offer to choose from. */
    public function choices(): JsonResponse
    {
        return new JsonResponse([
            'customers' => Customer::query()->get()->sortBy('name')->values()->map(fn (Customer $c): array => ['id' => $c->id, 'name' => $c->name]),
            'assemblers' => Person::query()->get()->filter(fn (Person $p): bool => $p->may(Ability::WorkAtBench))->sortBy('name')->values()
                ->map(fn (Person $p): array => ['id' => $p->id, 'name' => $p->displayName()]),
            'families' => Family::query()->get()->sortBy('code')->values()->map(fn (Family $f): array => ['code' => $f->code, 'name' => $f->name]),
        ]);
    }

    public function store(Request $request, OpenBuild $open): JsonResponse
    {
        $given = $request->validate(['serial' => 'required|string|max:40', 'customer' => 'required|string|max:36', 'next_build' => 'boolean'], [
            'serial.required' => 'Write or scan the serial number.', 'serial.max' => 'A serial number has at most 40 characters.', 'customer.required' => 'Choose the customer whose engine it is.',
        ]);

        return new JsonResponse(['id' => $open($given['serial'], $given['customer'], (bool) ($given['next_build'] ?? false), $request->user(), DeskCommand::from($request))], 201);
    }

    public function give(string $build, Request $request, GiveProcedure $give): JsonResponse
    {
        $given = $request->validate(['joint' => 'required|string|max:36', 'person' => 'required|string|max:36', 'procedure' => 'nullable|string|max:36'], ['person.required' => 'Choose the assembler who gets it.']);

        return new JsonResponse(['id' => $give($build, $given['joint'], $given['person'], $request->user(), DeskCommand::from($request), $given['procedure'] ?? null)], 201);
    }

    public function takeBack(string $assignment, Request $request, TakeBackProcedure $takeBack): JsonResponse
    {
        $takeBack($assignment, $request->user());

        return new JsonResponse(null, 204);
    }

    public function finish(string $build, Request $request, CloseBuild $close): JsonResponse
    {
        $close->finish($build, $request->user());

        return new JsonResponse(null, 204);
    }

    public function ship(string $build, Request $request, CloseBuild $close): JsonResponse
    {
        $close->ship($build, $request->user());

        return new JsonResponse(null, 204);
    }

    /** @return array<string, mixed> */
    private function head(Subject $subject): array
    {
        return [
            'id' => $subject->id,
            'serial' => $subject->serial,
            'build_number' => $subject->build_number,
            'title' => $subject->title(),
            'state' => $subject->state->value,
            'family' => Family::query()->find($subject->family)?->name,
            'customer' => Customer::query()->find($subject->customer)?->name,
            'opened_at' => $subject->opened_at->toIso8601ZuluString(),
            'finished_at' => $subject->finished_at?->toIso8601ZuluString(),
            'shipped_at' => $subject->shipped_at?->toIso8601ZuluString(),
        ];
    }
}
