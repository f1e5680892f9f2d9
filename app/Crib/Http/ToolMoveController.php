<?php

declare(strict_types=1);

namespace App\Crib\Http;

use App\Crib\Actions\MoveTool;
use App\Crib\ChainReason;
use App\Crib\Http\Requests\ChainRequest;
use App\Crib\Http\Requests\CheckToolRequest;
use App\Crib\Http\Requests\LendRequest;
use App\Crib\Http\Requests\ReturnRequest;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolPage;
use App\Crib\ToolFields;
use Illuminate\Http\JsonResponse;

/** A tool goes from hand to hand at the crib's counter. */
final class ToolMoveController
{
    public function __construct(private readonly MoveTool $move)
    {
    }

    public function lend(string $tool, LendRequest $request): JsonResponse
    {
        $this->move->lend(ToolRow::get($tool)->id, $request->to(), $request->optionalText('build'), $request->person());

        return $this->page($tool);
    }

    public function takeBack(string $tool, ReturnRequest $request): JsonResponse
    {
        $this->move->takeBack(ToolRow::get($tool)->id, $request->text('elsewhere'), $request->person());

        return $this->page($tool);
    }

    public function chain(string $tool, ChainRequest $request): JsonResponse
    {
        $this->move->chain(ToolRow::get($tool)->id, ChainReason::from($request->text('reason')), $request->person());

        return $this->page($tool);
    }

    public function check(string $tool, CheckToolRequest $request): JsonResponse
    {
        $good = ToolFields::guarded(fn (): bool => $this->move->check(ToolRow::get($tool)->id, $request->text('nominal'), $request->text('reading'), $request->person()));

        return new JsonResponse(['good' => $good]);
    }

    private function page(string $tool): JsonResponse
    {
        return new JsonResponse(ToolPage::of(ToolRow::get($tool)));
    }
}
