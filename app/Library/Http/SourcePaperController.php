<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\KeepSource;
use App\Library\Http\Requests\KeepPaperRequest;
use App\Library\Models\Source;
use App\Library\PaperFile;
use App\Library\Papers;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

final class SourcePaperController
{
    public function store(Source $source, KeepPaperRequest $request, KeepSource $keep): JsonResponse
    {
        $keep->paper($source, PaperFile::of($request->upload()), $request->person());

        return new JsonResponse(null, 204);
    }

    public function show(Source $source): Response
    {
        $hash = $source->file_hash ?? throw Refused::notFound('This source has no paper on record.');

        return PaperFile::handedOut(Papers::source($hash), $hash, (string) $source->file_type, $source->code);
    }
}
