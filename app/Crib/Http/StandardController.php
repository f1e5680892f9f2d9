<?php

declare(strict_types=1);

namespace App\Crib\Http;

use App\Crib\Actions\KeepStandard;
use App\Crib\Actions\SetToolRules;
use App\Crib\Http\Requests\StandardRequest;
use App\Crib\Http\Requests\ToolRulesRequest;
use App\Crib\Models\ReferenceStandard;
use App\Crib\Queries\CalibrationForm;
use App\Crib\Queries\RuleBook;
use App\Crib\Queries\ToolBook;
use App\People\Shop;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Tekkal\Core\Tool\ToolForm;

/** What calibrations rest on: reference standards, and the rules of each form of tools. */
final class StandardController
{
    public function index(): JsonResponse
    {
        $today = ToolBook::day(now()->toImmutable());

        return new JsonResponse(['today' => $today->date, 'standards' => ReferenceStandard::query()->get()->sortBy('code')->values()->map(fn (ReferenceStandard $s): array => [
            ...$s->only(['id', 'code', 'name', 'measures', 'uncertainty', 'certificate', 'laboratory', 'valid_from', 'valid_until', 'doubted_since']), 'good' => CalibrationForm::isGood($s, $today),
        ])]);
    }

    public function store(StandardRequest $request, KeepStandard $keep): JsonResponse
    {
        $field = fn (string $f): string => $request->text($f);

        return new JsonResponse(['id' => $keep([
            'code' => $field('code'), 'name' => $field('name'), 'measures' => $field('measures'), 'uncertainty' => $field('uncertainty'), 'certificate' => $field('certificate'), 'laboratory' => $field('laboratory'), 'valid_from' => $field('valid_from'), 'valid_until' => $field('valid_until'),
        ], $request->person())], 201);
    }

    public function rules(): JsonResponse
    {
        $forms = array_filter(ToolForm::cases(), fn (ToolForm $f): bool => RuleBook::of($f) !== null);

        return new JsonResponse(['forms' => array_values(array_map(fn (ToolForm $f): array => ['form' => $f->value, 'words' => $f->words(), 'unit' => Shop::here()->unitFor($f->measures()), 'shipped' => RuleBook::isShipped($f), 'rules' => RuleBook::of($f)?->toData()], $forms))]);
    }

    public function setRules(string $form, ToolRulesRequest $request, SetToolRules $set): JsonResponse
    {
        $set(ToolForm::tryFrom($form) ?? throw Refused::notFound('There is no such kind of tool.'), (array) $request->validated('rules'), $request->person());

        return $this->rules();
    }
}
