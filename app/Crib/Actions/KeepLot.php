<?php

declare(strict_types=1);

namespace App\Crib\Actions;

use App\Crib\Models\Lot;
use App\Crib\Queries\ToolBook;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** Lots of fasteners and of what is used up: they come in, are counted, are closed. */
final readonly class KeepLot
{
    public const KINDS = ['fastener', 'gasket', 'locker', 'lubricant', 'sealant'];

    public function __construct(private Recorder $recorder)
    {
    }

    /** @param  array<string, string>  $fields */
    public function receive(array $fields, Person $by): string
    {
        $today = ToolBook::day(now()->toImmutable())->date;
        if (isset($fields['expires_on']) && $fields['expires_on'] < $today) {
            throw new Refused(ProblemType::BadValue, sprintf('It expired on %s; what has expired does not come in.', $fields['expires_on']), 422, ['field' => 'expires_on', 'value' => $fields['expires_on'], 'limit' => $today]);
        }

        return $this->recorder->transaction(function () use ($fields, $by, $today): string {
            if (Lot::query()->where('kind', $fields['kind'])->where('number', $fields['number'])->lockForUpdate()->exists()) {
                throw Refused::field('number', "There is a lot {$fields['number']} of that kind already.", $fields['number']);
            }
            $id = Ids::next();
            $this->recorder->append(new Draft(Ids::next(), 'lot_received', 'lot/'.$id, $by->id, $fields + ['certificate' => '', 'place' => '', 'received_on' => $today]));

            return $id;
        });
    }

    public function count(string $id, string $quantity, Person $by): void
    {
        $this->change($id, fn (Lot $lot): Draft => new Draft(Ids::next(), 'lot_counted', 'lot/'.$lot->id, $by->id, ['quantity' => $quantity]));
    }

    public function close(string $id, Person $by): void
    {
        $this->change($id, fn (Lot $lot): Draft => new Draft(Ids::next(), 'lot_closed', 'lot/'.$lot->id, $by->id));
    }

    /** @param  callable(Lot): Draft  $draft */
    private function change(string $id, callable $draft): void
    {
        $this->recorder->transaction(function () use ($id, $draft): void {
            $this->recorder->lock('lot/'.$id);
            $lot = Lot::query()->lockForUpdate()->findOrFail($id);
            if ($lot->state !== 'open') {
                throw new Refused(ProblemType::NotDone, "Lot $lot->number is closed.", 409, ['field' => 'lot', 'value' => $lot->number]);
            }
            $this->recorder->append($draft($lot));
        });
    }
}
