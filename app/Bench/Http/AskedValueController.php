<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\AskValue;
use App\Bench\Http\Requests\AnswerValueRequest;
use App\Bench\Http\Requests\AskValueRequest;
use App\Bench\Models\AskedValue;
use App\People\Http\BenchSession;
use App\Record\Models\Subject;
use Illuminate\Http\JsonResponse;

/** Values that benches ask for. */
final class AskedValueController
{
    public function store(AskValueRequest $request, AskValue $ask): JsonResponse
    {
        $ask($request->text('serial'), $request->text('says'), $request->person(), BenchSession::requireDevice($request)->id);

        return new JsonResponse(null, 204);
    }

    /** Of one engine, the newest first. */
    public function index(Subject $build): JsonResponse
    {
        $asked = AskedValue::query()->with('asker')->where('subject', $build->id)->orderByDesc('asked_at')->get();

        return new JsonResponse(['asked' => $asked->map(fn (AskedValue $a): array => [
            'id' => $a->id, 'says' => $a->says, 'person' => $a->asker?->displayName(), 'asked_at' => $a->asked_at->toIso8601ZuluString(), 'answer' => $a->answer, 'answered_at' => $a->answered_at?->toIso8601ZuluString(),
        ])]);
    }

    public function answer(string $asked, AnswerValueRequest $request, AskValue $ask): JsonResponse
    {
        $ask->answer($asked, $request->text('answer'), $request->person());

        return new JsonResponse(null, 204);
    }
}
