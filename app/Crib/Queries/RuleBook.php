<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\Models\ToolRulesRow;
use RuntimeException;
use Tekkal\Core\Tool\FormRules;
use Tekkal\Core\Tool\ToolForm;

/** By what tools of each form are calibrated: as the shop has set it, else as it was shipped. */
final class RuleBook
{
    private const SHIPPED = 'crib/tool-rules.json';

    public static function of(ToolForm $form): ?FormRules
    {
        $set = ToolRulesRow::query()->find($form->value)?->rules;
        $shipped = self::shipped()[$form->value] ?? null;

        return $set === null ? ($shipped === null ? null : FormRules::of($shipped)) : FormRules::of($set);
    }

    /** Is it as it was shipped? */
    public static function isShipped(ToolForm $form): bool
    {
        return ToolRulesRow::query()->find($form->value) === null;
    }

    /** @return array<string, array<mixed>> by form */
    private static function shipped(): array
    {
        return once(function (): array {
            $groups = json_decode((string) file_get_contents(resource_path(self::SHIPPED)), true, flags: JSON_THROW_ON_ERROR);
            $forms = [];
            foreach (is_array($groups) ? $groups : throw new RuntimeException(self::SHIPPED) as $group) {
                $forms += array_fill_keys($group['forms'], $group);
            }

            return $forms;
        });
    }
}
