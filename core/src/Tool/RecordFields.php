<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Unit\AngleUnit;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Letters;
use Tekkal\Core\Unit\Unit;
use Tekkal\Core\Unit\UnitException;
use Tekkal\Core\Unit\UnitNames;
use Tekkal\Core\Unit\Written;

/** The fields of a tool as somebody typed them, or as a table has them: each is read by itself and refused by its name. */
final readonly class RecordFields
{
    private const CODE = '/^[A-Za-z0-9][A-Za-z0-9-]{0,19}$/D';

    /** @param  array<string, string>  $fields */
    public function __construct(private array $fields)
    {
    }

    public function code(): string
    {
        $code = strtoupper($this->said('code'));

        return preg_match(self::CODE, $code) === 1 ? $code : throw $this->no('code', 'letters, digits and hyphens, at most 20', 'a number such as TW-12 is wanted');
    }

    public function form(): ToolForm
    {
        $said = str_replace([' ', '-'], '_', strtolower($this->said('form')));

        return ToolForm::tryFrom($said) ?? throw $this->no('form', implode(', ', array_map(fn (ToolForm $f): string => $f->words(), ToolForm::cases())), 'that is no kind of tool that hangs here');
    }

    public function unit(ToolForm $form): Unit
    {
        $said = $this->said('unit');
        $unit = UnitNames::tryFromCode($said) ?? UnitNames::tryFromWords($said);
        $kinds = implode(', ', array_map(fn (Unit $u): string => $u->symbol(), $form->measures()->units()));

        return $unit !== null && $unit->kind() === $form->measures() ? $unit : throw $this->no('unit', $kinds, sprintf('a unit of a %s is wanted', $form->words()));
    }

    public function range(Unit $unit): ToolRange
    {
        $highest = $this->number('highest', $unit);
        $lowest = $this->said('lowest') === '' ? $highest : $this->number('lowest', $unit);
        if ($lowest->isGreaterThan($highest)) {
            throw $this->no('lowest', 'at most '.$highest->typeset(), 'the least value lies above the greatest');
        }
        if ((float) $highest->decimal() <= 0.0) {
            throw $this->no('highest', 'above 0', 'a range ends above 0');
        }

        return new ToolRange($lowest, $highest);
    }

    public function resolution(Unit $unit, ToolRange $range): Written
    {
        $step = $this->number('resolution', $unit);
        if ((float) $step->decimal() <= 0.0 || $step->isGreaterThan($range->highest)) {
            throw $this->no('resolution', 'above 0, at most '.$range->highest->typeset(), 'a step of the scale is wanted');
        }

        return $step;
    }

    /** @return list<string> */
    public function directions(): array
    {
        $said = preg_split('/[\s,;]+|\band\b/', strtolower($this->said('directions')), -1, PREG_SPLIT_NO_EMPTY) ?: ['clockwise'];

        return array_diff($said, PointReadings::DIRECTIONS) === [] ? array_values(array_intersect(PointReadings::DIRECTIONS, $said)) : throw $this->no('directions', implode(', ', PointReadings::DIRECTIONS), 'that is no direction');
    }

    public function wrenchClass(ToolForm $form): ?WrenchClass
    {
        $said = strtoupper(str_replace([' ', '-'], '_', $this->said('class')));
        if ($said === '') {
            return null;
        }
        $class = WrenchClass::tryFrom($said);

        return $class !== null && ToolForm::known(ToolKind::TorqueWrench, $class) === $form ? $class : throw $this->no('class', implode(', ', array_map(fn (WrenchClass $c): string => $c->value, self::classesOf($form))), sprintf('a %s has none such', $form->words()));
    }

    /** @return list<WrenchClass> */
    public static function classesOf(ToolForm $form): array
    {
        return array_values(array_filter(WrenchClass::cases(), fn (WrenchClass $c): bool => ToolForm::known(ToolKind::TorqueWrench, $c) === $form));
    }

    public function permissible(ToolForm $form, Unit $unit): ?Permissible
    {
        $said = $this->said('permissible');
        // Of the earliest tools nobody has said it.
        if ($said === '') {
            return null;
        }
        $said = preg_match('/^[\d.]+$/D', $said) === 1 ? $said.' '.($form->deviatesByShare() ? '%' : $unit->code()) : $said;
        $wanted = $form->deviatesByShare() ? 'a share such as 4 %' : sprintf('an amount such as 0.01 %s', $unit->symbol());
        try {
            $permissible = Permissible::of($said);
        } catch (UnitException) {
            throw $this->no('permissible', $wanted, 'it is neither a share nor an amount');
        } catch (ToolException $e) {
            throw $this->no('permissible', $wanted, lcfirst(rtrim($e->getMessage(), '.')));
        }
        $fits = $form->deviatesByShare() ? $permissible->percent !== null : $permissible->amount?->unit === $unit;

        return $fits ? $permissible : throw $this->no('permissible', $wanted, sprintf('of a %s it is given otherwise', $form->words()));
    }

    public function threshold(ToolForm $form): ?Written
    {
        if ($this->said('threshold') === '') {
            return null;
        }

        return $form === ToolForm::ElectronicWrench || $form === ToolForm::AngleGauge ? $this->coded('threshold', Kind::Torque) : throw $this->no('threshold', 'electronic wrenches and angle gauges only', sprintf('a %s is not set to one', $form->words()));
    }

    /** From a wrench's square to its marked grip; from an adapter's square to the fastener. */
    public function length(): ?Written
    {
        return $this->said('length') === '' ? null : $this->coded('length', Kind::Length);
    }

    public function angle(): ?Written
    {
        $angle = $this->said('angle') === '' ? null : $this->coded('angle', Kind::Angle);

        return $angle === null || ! $angle->isGreaterThan(Written::of('180', AngleUnit::Degree)) ? $angle : throw $this->no('angle', '0 to 180°', 'an adapter stands at 0 to 180° to its wrench');
    }

    public function count(string $field, int $most): ?int
    {
        $said = $this->said($field);
        if ($said === '') {
            return null;
        }

        return preg_match('/^\d{1,7}$/D', $said) === 1 && (int) $said >= 1 && (int) $said <= $most ? (int) $said : throw $this->no($field, "1 to $most", 'a whole number is wanted');
    }

    public function line(string $field, int $most): string
    {
        return $this->said($field) === '' ? throw $this->no($field, "1 to $most characters", 'nothing stands there') : $this->optionalLine($field, $most);
    }

    public function optionalLine(string $field, int $most): string
    {
        $said = $this->said($field);

        return Letters::first($said, $most) === $said ? $said : throw $this->no($field, "$most characters", 'it is too long');
    }

    private function number(string $field, Unit $unit): Written
    {
        try {
            return Written::of($this->said($field), $unit);
        } catch (UnitException) {
            throw $this->no($field, 'a number in '.$unit->symbol(), str_contains($this->said($field), ',') ? 'a decimal has a point, as in 0.5' : 'a plain number is wanted');
        }
    }

    private function coded(string $field, Kind $kind): Written
    {
        $wanted = sprintf('a value such as %s', ['torque' => '20 N.m', 'angle' => '90 deg', 'length' => '380 mm'][$kind->value]);
        try {
            $value = Written::coded($this->said($field));
        } catch (UnitException) {
            throw $this->no($field, $wanted, 'a value with its unit is wanted');
        }

        return $value->unit->kind() === $kind ? $value : throw $this->no($field, $wanted, 'it measures something else');
    }

    private function said(string $field): string
    {
        return trim($this->fields[$field] ?? '');
    }

    private function no(string $field, string $limit, string $why): ToolException
    {
        $said = $this->said($field);

        return new ToolException(sprintf('%s%s: %s; %s.', ucfirst($field), $said === '' ? '' : sprintf(' "%s"', Letters::first($said, 40)), $why, $limit), $field, $said, $limit);
    }
}
