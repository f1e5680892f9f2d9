<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\KeepSource;
use App\Library\Http\Requests\KeepPaperRequest;
use App\Library\Models\Source;
use App\Library\Papers;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

final class SourcePaperController
{
    public function store(Source $source, KeepPaperRequest $request, KeepSource $keep): JsonResponse
    {
        $keep->paper($source, $request->upload(), $request->person());

        return new JsonResponse(null, 204);
    }

    /** Handed out to be saved, never to be run here. */
    public function show(Source $source): Response
    {
        $bytes = $source->file_hash === null ? null : Papers::source($source->file_hash);
        if ($bytes === null || hash('sha256', $bytes) !== $source->file_hash) {
            throw Refused::notFound($source->file_hash === null ? 'This source has no paper on record.' : 'The paper on record is damaged: its bytes are not those that were stored. Restore it from a backup.');
        }

        return new Response($bytes, 200, [
            'Content-Type' => (string) $source->file_type, 'Content-Security-Policy' => "default-src 'none'; sandbox",
            'Content-Disposition' => sprintf('attachment; filename="%s.%s"', preg_replace('/[^A-Za-z0-9-]/', '', $source->code), $source->file_type === 'application/pdf' ? 'pdf' : 'png'),
        ]);
    }
}
