<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bench\Actions\ExchangeSubassembly;
use App\Builds\Actions\MoveBuild;
use App\Builds\Actions\OpenSubassembly;
use App\Library\Models\Joint;
use App\Record\Models\Subject;
use Closure;
use LogicException;

/** Heads of the HG4 that are tightened before they have an engine; one of them took the place of a head with a crack. */
final readonly class DemoHeads
{
    private const TOOLS = ['TW-04', 'TW-05', 'DG-03', 'AG-02'];

    /**
     * @param  Closure(int, Closure, int=): mixed  $at  does something as if it were that day
     * @param  Closure(string, Joint, string, list<string>): (DemoRun|null)  $begun  a job given and begun
     */
    public function __construct(private DemoPeople $people, private DemoBench $bench, private Closure $at, private Closure $begun)
    {
    }

    /** @param  Closure(string, string, int|null=, bool=, int|null=): string  $comesIn */
    public function seed(Closure $comesIn): void
    {
        $ready = $this->head('HD-0031', -13, '1044');
        $engine = (string) ($this->at)(-9, fn (): string => $comesIn('HG4-26-0219', 'Skerry Dredging', null, false, 5));
        foreach (['Bearing ladder' => -8, 'Connecting rods' => -7, 'Cylinder head' => -6, 'Cam ladder' => -5] as $joint => $day) {
            $this->tightened($engine, $joint, $day, '1042');
        }
        // Found when it was pressed: what holds the head comes apart, the head goes with its cams, another one goes in.
        ($this->at)(-3, fn () => app(ExchangeSubassembly::class)($engine, 'Head', $ready, 'HD-0034', 'A crack between the valve seats of 3', $this->people->get('lead')), 2);
        $this->head('HD-0032', -4, '1044');
        $next = $this->numbered('HD-0033', -2);
        $run = ($this->at)(-1, fn (): DemoRun => $this->begin($next, 'Cam ladder', '1044'), 5);
        ($this->at)(-1, fn () => $this->bench->work($run, 6), 6);
    }

    /** One whose cam ladder is tightened, ready to be fitted. */
    private function head(string $number, int $day, string $badge): string
    {
        $head = $this->numbered($number, $day);
        $this->tightened($head, 'Cam ladder', $day + 1, $badge);
        ($this->at)($day + 1, fn () => app(MoveBuild::class)->finish($head, $this->people->get('lead')), 6);

        return $head;
    }

    private function numbered(string $number, int $day): string
    {
        return (string) ($this->at)($day, fn (): string => app(OpenSubassembly::class)('HG4', 'Head', $number, '', $this->people->get('lead')));
    }

    private function tightened(string $subject, string $joint, int $day, string $badge): void
    {
        $run = ($this->at)($day, fn (): DemoRun => $this->begin($subject, $joint, $badge), 2);
        ($this->at)($day, fn () => $this->bench->toTheEnd($run), 4);
    }

    private function begin(string $subject, string $joint, string $badge): DemoRun
    {
        $of = Joint::query()->where('name', $joint)->where('family', Subject::query()->findOrFail($subject)->family)->firstOrFail();

        return ($this->begun)($subject, $of, $badge, self::TOOLS) ?? throw new LogicException("$joint has no procedure in force.");
    }
}
