<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Run\Advice;
use Tekkal\Core\Run\Duty;
use Tekkal\Core\Run\RunFold;

/** What a way on costs, as a bench shows it before anybody goes it: new parts counted, work done again, time. */
final readonly class Price
{
    public function __construct(private RunFold $run, private Pace $pace)
    {
    }

    /**
     * @param  list<Duty>  $duties
     * @return array{fasteners: list<array{name: string, count: int}>, gaskets: list<string>, checked: int, repaired: int, loosened: list<string>, lost: int, minutes: string, says: string}
     */
    public function of(array $duties): array
    {
        $cost = (new Advice($this->run))->priceOf($duties);
        $names = fn (string $type): string => $this->run->plan->fasteners[$type]->name ?? $type;
        $fasteners = array_map(fn (string $type, int $count): array => ['name' => $names($type), 'count' => $count], array_map(strval(...), array_keys($cost->fasteners)), array_values($cost->fasteners));
        $price = [
            'fasteners' => $fasteners, 'gaskets' => $cost->gaskets, 'checked' => count($cost->checked), 'repaired' => count($cost->repaired), 'loosened' => $cost->positions,
            'lost' => count($cost->lost), 'minutes' => $cost->lost === [] ? '' : Leaving::minutes($this->pace->ofAll($cost->lost)),
        ];

        return $price + ['says' => self::inWords($price)];
    }

    /** @param  array{fasteners: list<array{name: string, count: int}>, gaskets: list<string>, checked: int, repaired: int, loosened: list<string>, lost: int, minutes: string}  $price */
    private static function inWords(array $price): string
    {
        $new = array_sum(array_column($price['fasteners'], 'count'));
        $metal = array_filter([
            $new === 0 ? '' : "$new new ".($new === 1 ? 'fastener' : 'fasteners'),
            ...array_map(fn (string $g): string => "1 new $g", $price['gaskets']),
            $price['checked'] === 0 ? '' : $price['checked'].($price['checked'] === 1 ? ' fastener' : ' fasteners').' checked, new where it fails',
            $price['repaired'] === 0 ? '' : 'a thread repair',
        ]);
        $loose = count($price['loosened']);
        $work = match (true) {
            $price['lost'] > 0 => sprintf('%d %s done again, about %s', $price['lost'], $price['lost'] === 1 ? 'step' : 'steps', $price['minutes']),
            $loose > 0 => sprintf('%s loosened, and done in %s turn', $loose === 1 ? 'one' : $loose, $loose === 1 ? 'its' : 'their'),
            default => '',
        };

        return ucfirst($metal === [] ? ($work === '' ? 'nothing' : "no metal; $work") : implode(', ', $metal).($work === '' ? '' : "; $work")).'.';
    }
}
