<?php

declare(strict_types=1);

namespace App\Bench\Models;

use App\Bench\CardState;
use App\Shared\Models\Row;
use App\Shared\Refused;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder as QueryBuilder;

/**
 * A job card on paper, by its number.
 *
 * @property string $number
 * @property string $assignment
 * @property string $subject
 * @property string $joint
 * @property string $option the hardware that is fitted
 * @property string $revision that it was printed by
 * @property string $plan_hash
 * @property int $at_seq of the run, when it was printed; 0 before it was begun
 * @property CardState $state
 * @property string $printed_by
 * @property CarbonImmutable $printed_at
 * @property string|null $superseded_by the number of a later card for the same job
 * @property string|null $worked_by who signed it
 * @property CarbonImmutable|null $worked_on
 * @property string|null $scan the hash of its scan
 * @property string|null $scan_type
 * @property string|null $run that it was typed into
 * @property string|null $typed_by
 * @property list<string> $differ where somebody found that it says otherwise: a step and the event that was typed there, with a space between
 * @property string|null $compared_by
 * @property CarbonImmutable|null $compared_at
 * @property string|null $reason why it was voided
 */
final class Card extends Row
{
    protected $table = 'job_cards';

    protected $primaryKey = 'number';

    /** @var array<string, string> */
    protected $casts = [
        'state' => CardState::class, 'differ' => 'array', 'printed_at' => 'immutable_datetime', 'worked_on' => 'immutable_date', 'compared_at' => 'immutable_datetime',
    ];

    public static function stream(string $number): string
    {
        return 'card/'.$number;
    }

    /** @return QueryBuilder the runs that a card was typed into */
    public static function typedIn(): QueryBuilder
    {
        return self::query()->whereNotNull('run')->select('run')->toBase();
    }

    /** @return array<string, string> where it says otherwise: the event that was typed there, by step */
    public function differing(): array
    {
        $differing = [];
        foreach ($this->differ as $one) {
            [$step, $reading] = explode(' ', $one) + ['', ''];
            $differing[$step] = $reading;
        }

        return $differing;
    }

    /** @throws Refused when somebody would say something about what they did themselves, on paper */
    public static function notByWorker(string $run, string $person): void
    {
        $own = self::query()->where('run', $run)->where('worked_by', $person)->first();
        if ($own !== null) {
            throw Refused::forbidden("Card $own->number of this job carries your own signature. Somebody else says this.");
        }
    }

    /** @throws Refused when there is none of that number */
    public static function get(string $number): self
    {
        return self::query()->find($number) ?? throw self::none($number);
    }

    /**
     * Its state is the last word until commit: a card that is voided at the desk is not taken up at a bench at the same moment.
     *
     * @throws Refused when there is none of that number
     */
    public static function locked(string $number): self
    {
        return self::query()->lockForUpdate()->find($number) ?? throw self::none($number);
    }

    /**
     * The one that is on paper for each of these jobs: out, or back and not typed in.
     *
     * @param  array<array-key, mixed>  $assignments
     * @return Collection<array-key, self> by assignment
     */
    public static function outFor(array $assignments): Collection
    {
        $cards = self::query()->whereIn('state', [CardState::Out->value, CardState::Back->value]);
        $cards->getQuery()->whereIn('assignment', $assignments)->orderBy('number');

        return $cards->get()->keyBy('assignment');
    }

    private static function none(string $number): Refused
    {
        return Refused::notFound("There is no card $number. Read its number again.");
    }
}
