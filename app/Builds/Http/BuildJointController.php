<?php

declare(strict_types=1);

namespace App\Builds\Http;

use App\Builds\Actions\AskLetGo;
use App\Builds\Actions\ChooseHardware;
use App\Builds\Http\Requests\ChooseHardwareRequest;
use App\Builds\Http\Requests\LetGoRequest;
use Illuminate\Http\Response;

/** One joint of an engine: which hardware it gets, and that the engine may leave with it unrecorded. */
final class BuildJointController
{
    public function hardware(string $build, string $joint, ChooseHardwareRequest $request, ChooseHardware $choose): Response
    {
        $choose($build, $joint, $request->text('procedure'), $request->person());

        return response()->noContent();
    }

    public function letGo(string $build, string $joint, LetGoRequest $request, AskLetGo $ask): Response
    {
        $ask($build, $joint, $request->text('reason'), $request->text('customer_reference'), $request->person());

        return response()->noContent();
    }
}
