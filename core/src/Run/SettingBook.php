<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\FactIs;
use Tekkal\Core\Run\Effect\SettingIs;
use Tekkal\Core\Run\Event\ToolSet;

/** What tools are set to. Where a position demands an adapter, the setting is read with it on, and again after the pull. */
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
        foreach ($event->when === SettingRead::After ? $this->run->tools->toReadAgain($event->tool) : [] as $step) {
            $this->emission->emit(new FactIs($step, StepBook::SETTING_OPEN, null));
            if ($before === null || ! $before->quantity()->inBase()->isEqualTo($event->shows->quantity()->inBase())) {
                $this->run->faults->open(Fault::NotProved, $this->run->plan->step($step), cause: Cause::SettingMoved);
            }
        }

        return null;
    }

    /** A pull by setting was made where an adapter is demanded: its setting has to be read again. */
    public function pulled(Step $step, ?string $tool): void
    {
        if ($tool !== null && $this->run->tools->shows($tool) !== null && $this->run->judge->adapter($step) !== null) {
            $this->emission->emit(new FactIs($step->id, StepBook::SETTING_OPEN, $tool));
        }
    }
}
