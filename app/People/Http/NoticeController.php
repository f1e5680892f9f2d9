<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\AcknowledgeNotice;
use App\People\Models\Notice;
use App\People\Models\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** What one has been told and has not acknowledged yet. */
final class NoticeController
{
    public function index(Request $request): JsonResponse
    {
        $open = DB::table('notice_receipts')->where('person', $this->person($request)->id)->where('acknowledged_at', null)->pluck('notice');

        return new JsonResponse(['notices' => Notice::query()->whereKey($open)->get()->sortByDesc('sent_at')->values()->map(fn (Notice $n): array => [
            'id' => $n->id, 'title' => $n->title, 'body' => $n->body, 'link' => $n->link, 'sent_at' => $n->sent_at->toIso8601ZuluString(),
        ])]);
    }

    public function acknowledge(string $notice, Request $request, AcknowledgeNotice $acknowledge): JsonResponse
    {
        $acknowledge($notice, $this->person($request));

        return new JsonResponse(null, 204);
    }

    private function person(Request $request): Person
    {
        $person = $request->user();
        assert($person instanceof Person);

        return $person;
    }
}
