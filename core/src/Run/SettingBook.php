<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\FactIs;
use Tekkal\Core\Run\Effect\SettingIs;
use Tekkal\Core\Run\Effect\ToolIs;
use Tekkal\Core\Run\Event\ToolSet;
use Tekkal\Core\Run\Event\ToolTaken;
use Tekkal\Core\Unit\Written;

/** What tools are set to. What is pulled by a setting – by clicks, or through an adapter that is demanded – has it read before and again after. */
final readonly class SettingBook
{
    public function __construct(private RunFold $run, private Emission $emission)
    {
    }

    public function read(ToolSet $event): null
    {
        $before = $this->run->tools->shows($event->tool);
        $this->emission->emit(new SettingIs($event->tool, $event->shows));
        if ($this->run->tools->adapterOn($event->tool) !== $event->adapter) {
            $this->emission->emit(new FactIs($event->tool, ToolBook::ADAPTER, $event->adapter));
        }
        $again = $event->when === SettingRead::After ? array_map($this->run->plan->step(...), $this->run->tools->toReadAgain($event->tool)) : [];
        foreach ($again as $step) {
            $this->emission->emit(new FactIs($step->id, StepBook::SETTING_OPEN, null));
        }
        $this->compare($again, $before, $event->shows);

        return null;
    }

    /** A tool was taken up instead of another: what it had been set to before nobody vouches for. */
    public function taken(ToolTaken $event): null
    {
        $is = $this->run->state->tool($event->quantity)?->tool;
        $this->emission->emit(new ToolIs($event->quantity, $event->tool, $event->adapter));
        if ($is !== null && $is !== $event->tool && $this->run->tools->shows($event->tool) !== null) {
            $this->emission->emit(new SettingIs($event->tool, null));
        }

        return null;
    }

    /** A pull by setting was made – by a click, or through an adapter that is demanded: its setting has to be read again. */
    public function pulled(Step $step, ?string $tool, bool $byClick): void
    {
        if ($tool !== null && $this->run->tools->shows($tool) !== null && ($byClick || $this->run->judge->adapter($step) !== null)) {
            $this->emission->emit(new FactIs($step->id, StepBook::SETTING_OPEN, $tool));
        }
    }

    /**
     * Through an adapter the lever is part of the setting, and any other is one too many. Without one it is the scale alone:
     * it has moved too far once it no longer lies in what the round asks for, and then none of its clicks is worth anything.
     *
     * @param  list<Step>  $steps  that rest on it
     */
    private function compare(array $steps, ?Written $before, Written $now): void
    {
        $wrong = null;
        foreach ($steps as $step) {
            if ($this->run->judge->adapter($step) !== null) {
                $before !== null && $before->quantity()->inBase()->isEqualTo($now->quantity()->inBase()) || $this->run->faults->open(Fault::NotProved, $step, cause: Cause::SettingMoved);
            } elseif (! $this->isIn($step, $now)) {
                $wrong = $step;
            }
        }
        $wrong === null || $this->run->faults->open(Fault::WrongSetting, $wrong, cause: Cause::SettingMoved);
    }

    private function isIn(Step $step, Written $setting): bool
    {
        $window = $step instanceof MeasuredStep ? $this->run->judge->window($step) : null;

        return $window === null || $window->kind() !== $setting->unit->kind() || $window->judge($setting->quantity())->isGood();
    }
}
