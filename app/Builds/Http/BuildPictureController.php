<?php

declare(strict_types=1);

namespace App\Builds\Http;

use App\Builds\Actions\KeepBuildPicture;
use App\Builds\Http\Requests\BuildPictureRequest;
use App\Library\PaperFile;
use App\Library\Papers;
use App\People\Http\PersonRequest;
use App\Record\Models\BuildPicture;
use App\Record\Models\Subject;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** Pictures of engines. */
final class BuildPictureController
{
    public function store(string $build, BuildPictureRequest $request, KeepBuildPicture $keep): Response
    {
        $keep($build, $request->text('shows'), PaperFile::picture($request->upload()), $request->person());

        return response()->noContent();
    }

    public function remove(BuildPicture $picture, PersonRequest $request, KeepBuildPicture $keep): Response
    {
        $keep->remove($picture, $request->person());

        return response()->noContent();
    }

    /** For everybody who may see the engine. */
    public function show(BuildPicture $picture): Response
    {
        Gate::authorize('view', Subject::query()->findOrFail($picture->subject));

        return PaperFile::handedOut(Papers::picture($picture->hash), $picture->hash, $picture->type, 'picture');
    }
}
