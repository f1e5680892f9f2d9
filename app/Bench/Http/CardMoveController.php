<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\MoveCard;
use App\Bench\Http\Requests\CardBackRequest;
use App\Bench\Http\Requests\CardScanRequest;
use App\Bench\Http\Requests\VoidCardRequest;
use App\Bench\Models\Card;
use App\Bench\Queries\CardSheet;
use App\Library\PaperFile;
use App\Library\Papers;
use App\People\Http\PersonRequest;
use App\Record\Models\Subject;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** What becomes of a job card on paper: it comes back, is scanned, is voided or lost. */
final class CardMoveController
{
    public function __construct(private readonly MoveCard $move)
    {
    }

    public function back(string $card, CardBackRequest $request): JsonResponse
    {
        $this->move->back($card, $request->text('worked_by'), $request->text('worked_on'), $request->person());

        return new JsonResponse(CardSheet::of(Card::get($card)));
    }

    public function void(string $card, VoidCardRequest $request): JsonResponse
    {
        $this->move->void($card, $request->text('reason'), $request->person());

        return new JsonResponse(CardSheet::of(Card::get($card)));
    }

    public function lose(string $card, PersonRequest $request): JsonResponse
    {
        $this->move->lose($card, $request->person());

        return new JsonResponse(CardSheet::of(Card::get($card)));
    }

    public function scan(string $card, CardScanRequest $request): JsonResponse
    {
        $this->move->scan($card, PaperFile::of($request->upload()), $request->person());

        return new JsonResponse(CardSheet::of(Card::get($card)));
    }

    /** For everybody who may see the engine. */
    public function showScan(string $card): Response
    {
        // Of a card that is none one learns as little as of one that is another customer's.
        $of = Card::query()->find($card) ?? throw Refused::notFound(Subject::missing());
        Gate::authorize('view', Subject::query()->findOrFail($of->subject));
        $hash = $of->scan ?? throw Refused::notFound("Card $card has no scan.");

        return PaperFile::handedOut(Papers::scan($hash), $hash, (string) $of->scan_type, 'card-'.$card);
    }
}
