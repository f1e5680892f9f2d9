<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\CompareCard;
use App\Bench\Actions\PrintCard;
use App\Bench\Http\Requests\CardsRequest;
use App\Bench\Http\Requests\CompareCardRequest;
use App\Bench\Http\Requests\PrintCardRequest;
use App\Bench\Models\Card;
use App\Bench\Print\PaperJobCard;
use App\Bench\Queries\CardSheet;
use App\Shared\Http\DeskCommand;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Job cards on paper at the desk: printed, looked up, compared with what was typed in. */
final class CardController
{
    public function index(CardsRequest $request): JsonResponse
    {
        return new JsonResponse(['cards' => CardSheet::list($request->optionalText('build'))]);
    }

    public function store(PrintCardRequest $request, PrintCard $print): JsonResponse
    {
        return new JsonResponse(['number' => $print($request->text('assignment'), $request->person(), DeskCommand::from($request))], 201);
    }

    public function show(string $card): JsonResponse
    {
        return new JsonResponse(CardSheet::of(Card::get($card)));
    }

    public function paper(string $card): Response
    {
        return new Response(PaperJobCard::pdf(Card::get($card)), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => sprintf('inline; filename="job-card-%s.pdf"', Card::get($card)->number)]);
    }

    public function compare(string $card, CompareCardRequest $request, CompareCard $compare): JsonResponse
    {
        $compare($card, $request->differ(), $request->person());

        return $this->show($card);
    }
}
