<?php

declare(strict_types=1);

namespace App\Crib\Http;

use App\Crib\Actions\KeepCertificate;
use App\Crib\Http\Requests\CertificateRequest;
use App\Crib\Models\CalibrationRow;
use App\Crib\Print\CalibrationPaper;
use App\Library\PaperFile;
use App\Library\Papers;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** What belongs to a calibration on paper: the sheet that is made here, and the certificate that came with the tool. */
final class CalibrationPaperController
{
    public function sheet(string $calibration): Response
    {
        return new Response(CalibrationPaper::pdf(self::get($calibration)), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="calibration.pdf"']);
    }

    public function keep(string $calibration, CertificateRequest $request, KeepCertificate $keep): JsonResponse
    {
        $keep(self::get($calibration), PaperFile::of($request->upload()), $request->person());

        return new JsonResponse(['kept' => true]);
    }

    public function show(string $calibration): Response
    {
        $row = self::get($calibration);
        $hash = $row->paper ?? throw Refused::notFound("No certificate is attached to the calibration of $row->calibrated_on.");

        return PaperFile::handedOut(Papers::scan($hash), $hash, (string) $row->paper_type, 'certificate-'.$row->certificate);
    }

    private static function get(string $id): CalibrationRow
    {
        return CalibrationRow::query()->find($id) ?? throw Refused::notFound('There is no such calibration.');
    }
}
