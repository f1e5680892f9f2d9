<?php

declare(strict_types=1);

namespace App\Crib\Http;

use App\Crib\Models\LookBackCase;
use App\Crib\Print\CaseLetters;
use Illuminate\Http\Response;

/** What customers are told of a case: a page for each, and the same as a table. */
final class CaseLettersController
{
    public function pdf(string $case): Response
    {
        return new Response(CaseLetters::pdf(LookBackCase::numbered($case)), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => sprintf('inline; filename="case-%d-letters.pdf"', (int) $case)]);
    }

    public function csv(string $case): Response
    {
        return new Response(CaseLetters::csv(LookBackCase::numbered($case)), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => sprintf('attachment; filename="case-%d.csv"', (int) $case)]);
    }
}
