<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Acceptance\DecisionRule;
use Tekkal\Core\Unit\UnitException;
use Tekkal\Core\Unit\Written;

/** The terms of a calibration as the record keeps them. */
final class TermsData
{
    /** @return array<string, mixed> canonical */
    public static function write(CalibrationTerms $terms): array
    {
        return array_filter([
            'lowest' => $terms->range->lowest->code(), 'highest' => $terms->range->highest->code(), 'resolution' => $terms->resolution->code(), 'permissible' => $terms->permissible->code(),
            'rule' => $terms->rule->value, 'standard' => $terms->standard?->code(), 'template' => array_map(FormRules::lineData(...), $terms->template), 'adapter' => $terms->adapter?->toData(),
        ], fn (mixed $v): bool => $v !== null);
    }

    /**
     * @param  array<mixed>  $data  as write() wrote it
     *
     * @throws ToolException|UnitException when it is not
     */
    public static function read(array $data): CalibrationTerms
    {
        $of = new RuleFields($data);
        $standard = $data['standard'] ?? null;

        return new CalibrationTerms(
            new ToolRange(Written::coded($of->text('lowest')), Written::coded($of->text('highest'))), Written::coded($of->text('resolution')), Permissible::of($of->text('permissible')),
            DecisionRule::tryFrom($of->text('rule')) ?? throw $of->no('rule', $of->text('rule'), implode(', ', array_map(fn (DecisionRule $r): string => $r->value, DecisionRule::cases()))),
            array_map(FormRules::line(...), $of->objects('template', 20)), is_string($standard) ? StandardUncertainty::of($standard) : null,
            is_array($data['adapter'] ?? null) ? FittedAdapter::ofData($data['adapter']) : null,
        );
    }
}
