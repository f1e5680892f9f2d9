<?php

declare(strict_types=1);

namespace App\Builds\Http;

use App\Builds\Actions\EnterPaperJoint;
use App\Builds\Http\Requests\PaperJointRequest;
use App\Library\PaperFile;
use App\Library\Papers;
use App\People\Http\PersonRequest;
use App\Record\Models\Subject;
use App\Shared\Refused;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** A joint that was done before the shop had this record: its paper. */
final class PaperJointController
{
    public function store(string $build, string $joint, PaperJointRequest $request, EnterPaperJoint $enter): Response
    {
        $enter($build, $joint, $request->text('worked_by'), $request->text('worked_on'), PaperFile::of($request->upload()), $request->person());

        return response()->noContent();
    }

    public function takeBack(string $build, string $joint, PersonRequest $request, EnterPaperJoint $enter): Response
    {
        $enter->takeBack($build, $joint, $request->person());

        return response()->noContent();
    }

    /** For everybody who may see the engine. */
    public function show(Subject $build, string $joint): Response
    {
        Gate::authorize('view', $build);
        $paper = EnterPaperJoint::entered($build->id, $joint)->first() ?? throw Refused::notFound('There is no paper of this joint.');

        return PaperFile::handedOut(Papers::scan($paper->hash), $paper->hash, $paper->type, $build->serial);
    }
}
