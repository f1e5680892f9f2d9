<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\People\Actions\SetShop;
use App\People\Models\Customer;
use App\People\Models\Person;
use Illuminate\Database\Seeder;
use Tekkal\Core\Tests\Fixtures\Procedures;
use Tests\Factories\JobOf;

/**
 * Jobs for whoever walks procedures at a bench in a browser: all that ship where TEKKAL_WALK is "all", else the few that have
 * everything among them. They hang on two hooks, so that two can walk at once.
 */
final class WalkSeeder extends Seeder
{
    private const HOOKS = ['1041', '1043'];

    public function run(): void
    {
        $lead = Person::query()->where('sign_in_name', 'lead')->firstOrFail();
        // Each is of a family of its own, of which nothing is signed of anybody.
        app(SetShop::class)->skills(false, $lead);
        $jobs = new JobOf($lead, Customer::query()->firstOrFail()->id);
        $procedures = getenv('TEKKAL_WALK') === 'all' ? Procedures::all() : Procedures::covering();
        $jobs->tools(Person::query()->where('sign_in_name', 'crib')->firstOrFail(), intdiv(count($procedures), 2));
        foreach (array_values($procedures) as $i => $document) {
            $badge = self::HOOKS[$i % count(self::HOOKS)];
            $jobs->procedure($document, sprintf('WALK%02d', $i + 1), Person::query()->where('badge', $badge)->firstOrFail());
        }
    }
}
