<?php

declare(strict_types=1);

namespace App\Crib\Actions;

use App\Crib\Models\ToolRow;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;
use Tekkal\Core\Tool\GaugeStudy;
use Tekkal\Core\Tool\Permissible;
use Tekkal\Core\Tool\ToolForm;

/** A study of a gauge is kept with its readings, and the window that it is meant for. */
final readonly class KeepStudy
{
    public function __construct(private Recorder $recorder)
    {
    }

    /**
     * @param  list<list<list<float>>>  $readings  by appraiser, trial and part
     * @param  string|null  $window  width of the window that it is to tell apart, with its unit
     */
    public function __invoke(ToolRow $tool, array $readings, ?string $window, Person $by): void
    {
        self::may($tool);
        new GaugeStudy($readings);
        $width = $window === null ? [] : ['window' => Permissible::of($window)->code()];
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft(Ids::next(), 'gauge_studied', ToolRow::stream($tool->id), $by->id, $width + [
            'readings' => array_map(fn (array $trials): array => array_map(fn (array $parts): array => array_map(fn (float $v): string => (string) $v, $parts), $trials), $readings),
        ])));
    }

    /** @throws Refused when it is no gauge */
    public static function may(ToolRow $tool): void
    {
        $form = ToolForm::from($tool->form);
        if ($form->deviatesByShare() || $form->serves() === null) {
            throw Refused::field('tool', sprintf('A study is made of gauges; %s is a %s.', $tool->code, $form->words()), $tool->code);
        }
    }
}
