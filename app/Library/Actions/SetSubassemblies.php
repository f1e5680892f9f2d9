<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\People\Models\Person;
use App\Record\Models\Subject;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** Says which joints of a family are carried in a head or a short block that can be tightened by itself, and which joint holds that to the engine. */
final readonly class SetSubassemblies
{
    public function __construct(private Recorder $recorder)
    {
    }

    /**
     * @param  array<string, string>  $carried  by joint: what it is carried in, as the shop calls it; one that is left out is the engine's own
     * @param  array<string, string>  $holding  by joint: what it holds to the engine
     */
    public function __invoke(Family $family, array $carried, array $holding, Person $by): void
    {
        $joints = $family->joints()->orderBy('assembly_order')->get()->keyBy('id');
        foreach ([...array_keys($carried), ...array_keys($holding)] as $joint) {
            $joints->has($joint) || throw Refused::field('joints', 'This family has no such joint.', $joint);
        }
        foreach ($holding as $joint => $held) {
            $name = (string) $joints->get($joint)?->name;
            in_array($held, $carried, true) || throw Refused::field('joints', sprintf('%s holds "%s", in which no joint is carried. Say which are.', $name, $held), $held);
            isset($carried[$joint]) && throw Refused::field('joints', sprintf('%s is carried in "%s"; what holds a subassembly to the engine is the engine’s own.', $name, $carried[$joint]), $carried[$joint]);
        }
        $this->recorder->transaction(function () use ($family, $joints, $carried, $holding, $by): void {
            $this->recorder->lock('family/'.$family->id);
            self::unused($family, $carried);
            $data = $joints->map(fn (Joint $j): array => array_filter(['joint' => $j->id, 'carried_in' => $carried[$j->id] ?? '', 'holds' => $holding[$j->id] ?? ''], fn (string $v): bool => $v !== ''))->values()->all();
            $this->recorder->append(new Draft(Ids::next(), 'joints_carried_set', 'family/'.$family->id, $by->id, data: ['joints' => $data]));
        });
    }

    /**
     * What those that are on record carry cannot become another thing.
     *
     * @param  array<string, string>  $carried
     *
     * @throws Refused in the name of the first that it would change
     */
    private static function unused(Family $family, array $carried): void
    {
        [$was, $of] = [$family->carried(), fn (array $joints, string $kind): array => collect($joints)->filter(fn (string $in): bool => $in === $kind)->keys()->sort()->values()->all()];
        foreach (Subject::query()->where('family', $family->id)->where('subassembly', '!=', '')->get()->unique('subassembly') as $one) {
            if ($of($was, $one->subassembly) !== $of($carried, $one->subassembly)) {
                throw new Refused(ProblemType::RunBegun, sprintf('%s is on record with what it carries; that stays as it is.', $one->title()), 409, ['field' => 'joints', 'value' => $one->subassembly]);
            }
        }
    }
}
