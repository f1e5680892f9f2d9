<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\AcknowledgeNotice;
use App\People\Http\Resources\NoticeResource;
use App\People\Models\Notice;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

final class NoticeController
{
    public function index(PersonRequest $request): JsonResponse
    {
        $open = DB::table('notice_receipts')->where('person', $request->person()->id)->where('acknowledged_at', null)->pluck('notice');

        return new JsonResponse(['notices' => NoticeResource::collection(Notice::query()->whereKey($open)->get()->sortByDesc('sent_at')->values())]);
    }

    public function acknowledge(string $notice, PersonRequest $request, AcknowledgeNotice $acknowledge): JsonResponse
    {
        $acknowledge($notice, $request->person());

        return new JsonResponse(null, 204);
    }
}
