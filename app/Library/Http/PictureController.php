<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\KeepPicture;
use App\Library\Http\Requests\KeepPictureRequest;
use App\Library\Papers;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

final class PictureController
{
    public function store(KeepPictureRequest $request, KeepPicture $keep): JsonResponse
    {
        return new JsonResponse(['file' => $keep($request->upload(), $request->person())], 201);
    }

    /** Shown where it stands, and never run. */
    public function show(string $picture): Response
    {
        $bytes = preg_match('/^[0-9a-f]{64}$/D', $picture) === 1 ? Papers::picture($picture) : null;
        if ($bytes === null || hash('sha256', $bytes) !== $picture) {
            throw Refused::notFound($bytes === null ? 'This picture is not on record here.' : 'The picture on record is damaged: its bytes are not those that were stored. Restore it from a backup.');
        }

        return new Response($bytes, 200, ['Content-Type' => 'image/png', 'Content-Security-Policy' => "default-src 'none'; sandbox"]);
    }
}
