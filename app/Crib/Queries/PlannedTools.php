<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Library\Queries\Procedures;
use App\Record\Queries\RunHistory;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Call\DueBefore;
use Tekkal\Core\Call\Rack;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Tool\Day;

/** Which tools fall due before work that is given out must be done. The crib is read once; what a plan comes to with it is kept as long as neither changes. */
final readonly class PlannedTools
{
    private const KEPT_S = 86_400;

    private Rack $rack;

    private string $mark;

    public function __construct()
    {
        $this->rack = CribRack::today();
        $this->mark = hash('sha256', CanonicalJson::encode(['day' => $this->rack->day->date, 'tools' => $this->rack->toBody()['tools']]));
    }

    /** Moves whenever a tool or a calibration does; cheaper than reading the crib. */
    public static function mark(): string
    {
        return json_encode(DB::select('CHECKSUM TABLE tools, calibrations'), JSON_THROW_ON_ERROR);
    }

    public function today(): Day
    {
        return $this->rack->day;
    }

    /** @return list<array{kind: string, asks: string, tools: list<string>, would: string|null}> */
    public function lacking(string $plan, Day $until): array
    {
        return Cache::remember(sprintf('planned:%s:%s:%s:%s', config('shop.code'), substr($plan, 0, 24), substr($this->mark, 0, 24), $until->date), self::KEPT_S,
            fn (): array => (new DueBefore(RunHistory::foldEntries([], Procedures::plan($plan)), $this->rack))->until($until));
    }

    /** "3 December 2026" */
    public function dueOn(string $code): string
    {
        foreach ($this->rack->tools as $tool) {
            if ($tool->tool->code === $code) {
                return (string) $tool->history->latestOn($this->rack->day)?->due->words();
            }
        }

        return '';
    }
}
