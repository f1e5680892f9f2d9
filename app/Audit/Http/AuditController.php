<?php

declare(strict_types=1);

namespace App\Audit\Http;

use App\Audit\Actions\DismissReading;
use App\Audit\Queries\BuildSheet;
use App\Builds\Queries\VisibleBuilds;
use App\Library\Models\Family;
use App\People\Ability;
use App\People\Models\Customer;
use App\Record\Models\Subject;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** The audit by serial number. */
final class AuditController
{
    private const MOST = 50;

    public function index(Request $request): JsonResponse
    {
        $serial = $request->validate(['serial' => 'nullable|string|max:40'], ['serial.max' => 'A serial number has at most 40 characters.'])['serial'] ?? '';
        $serial = preg_replace('/^@S/', '', trim($serial)) ?? '';
        $builds = VisibleBuilds::newest($request->user(), self::MOST, $serial);

        return new JsonResponse([
            'builds' => $builds->map(fn (Subject $s): array => [
                'id' => $s->id, 'title' => $s->title(), 'state' => $s->state->value,
                'family' => Family::query()->find($s->family)?->name, 'customer' => Customer::query()->find($s->customer)?->name,
                'opened_at' => $s->opened_at->toIso8601ZuluString(), 'finished_at' => $s->finished_at?->toIso8601ZuluString(),
            ]),
            'shown_at_most' => self::MOST,
            'tray' => Gate::allows(Ability::DisposeReadings->value) ? BuildSheet::tray() : [],
        ]);
    }

    public function show(string $build, Request $request, BuildSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of(VisibleBuilds::find($build, $request->user())));
    }

    public function dismiss(string $entry, Request $request, DismissReading $dismiss): JsonResponse
    {
        $given = $request->validate(['reason' => ['required', Rule::in(DismissReading::REASONS)], 'text' => 'nullable|string|max:500'], ['reason.required' => 'Choose why it is dismissed.']);
        $dismiss($entry, $given['reason'], $given['text'] ?? null, $request->user());

        return new JsonResponse(null, 204);
    }
}
