<?php

declare(strict_types=1);

namespace App\Providers;

use App\Audit\AsideNeeds;
use App\Audit\Verification\RunRule;
use App\Bench\AskedNeeds;
use App\Bench\AskedValueProjector;
use App\Bench\CardNeeds;
use App\Bench\CardsFinder;
use App\Bench\CardsProjector;
use App\Bench\HandoverProjector;
use App\Bench\StopNeeds;
use App\Bench\TellOfLifting;
use App\Builds\BuildNeeds;
use App\Builds\BuildsFinder;
use App\Builds\BuildsProjector;
use App\Builds\MoveAssignments;
use App\Builds\Policies\SubjectPolicy;
use App\Builds\ProgressProjector;
use App\Builds\Queries\SupervisedRuns;
use App\Builds\RunFolds;
use App\Builds\ToolNeeds;
use App\Builds\WorkInHand;
use App\Crib\CasesProjector;
use App\Crib\CribFinder;
use App\Crib\CribFirstSteps;
use App\Crib\CribNeeds;
use App\Crib\CribProjector;
use App\Crib\LotStop;
use App\Crib\ToolsInHand;
use App\Crib\ToolStop;
use App\Desk\Http\FindController;
use App\Desk\Http\TodayController;
use App\Ledger\Projectors;
use App\Ledger\Tries;
use App\Ledger\Verification\EntryCheck;
use App\Ledger\Verification\GuardCheck;
use App\Ledger\Verification\OrderCheck;
use App\Ledger\Verification\ProjectionCheck;
use App\Ledger\Verification\TextCheck;
use App\Ledger\Verification\Verifier;
use App\Library\DraftsInHand;
use App\Library\Events\RevisionApproved;
use App\Library\LibraryFinder;
use App\Library\LibraryFirstSteps;
use App\Library\LibraryNeeds;
use App\Library\LibraryProjector;
use App\Library\OldImports;
use App\Library\Queries\LibraryFamilies;
use App\Library\RevisionStop;
use App\Library\Verification\DocumentRule;
use App\Library\Verification\LibraryCheck;
use App\People\Ability;
use App\People\Actions\LetGo;
use App\People\Contracts\FamilyNames;
use App\People\Contracts\HeldBy;
use App\People\Contracts\SupervisedBuilds;
use App\People\Http\PresentPeople;
use App\People\Models\Person;
use App\People\OldTries;
use App\People\OwnHands;
use App\People\PeopleFinder;
use App\People\PeopleFirstSteps;
use App\People\PeopleNeeds;
use App\People\PeopleProjector;
use App\People\Queries\StepsLeft;
use App\People\Shop;
use App\People\ShopProjector;
use App\People\Verification\WhoCheck;
use App\Record\Contracts\Stoppable;
use App\Record\Events\StopLifted;
use App\Record\Models\Subject;
use App\Record\Queries\StopsInForce;
use App\Record\RecordProjector;
use App\Record\Stoppables;
use App\Record\StopsProjector;
use App\Shared\Console\TidyCommand;
use App\Shared\Contracts\Findable;
use App\Shared\Contracts\FirstSteps;
use App\Shared\Contracts\NeedsMe;
use App\Shared\Contracts\Tidies;
use App\Shared\Http\WholeFileSessions;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\ConnectionEstablished;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;
use PDO;

/** The only place that sees all areas: it puts them together. */
final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Date::use(CarbonImmutable::class);
        $this->keepConnections();
        // The order of the ladder: a projector may rely on what those before it have written.
        $this->app->tag([PeopleProjector::class, ShopProjector::class, RecordProjector::class, StopsProjector::class, LibraryProjector::class, CribProjector::class, CasesProjector::class, BuildsProjector::class, ProgressProjector::class, CardsProjector::class, HandoverProjector::class, AskedValueProjector::class], 'projectors');
        $this->app->scoped(Tries::class);
        $this->app->scoped(Shop::class, fn (): Shop => Shop::read());
        $this->app->scoped(RunFolds::class);
        $this->app->scoped(StopsInForce::class);
        $this->app->tag([RevisionStop::class, ToolStop::class, LotStop::class], Stoppable::class);
        $this->app->when(Stoppables::class)->needs('$areas')->giveTagged(Stoppable::class);
        $this->app->singleton(Projectors::class, fn ($app): Projectors => new Projectors($app->tagged('projectors')));
        $this->app->tag([DocumentRule::class, RunRule::class], 'entry-rules');
        $this->app->when(EntryCheck::class)->needs('$rules')->giveTagged('entry-rules');
        $this->app->tag([EntryCheck::class, OrderCheck::class, GuardCheck::class, TextCheck::class, WhoCheck::class, LibraryCheck::class, ProjectionCheck::class], 'checks');
        $this->app->when(Verifier::class)->needs('$checks')->giveTagged('checks');
        $this->app->tag([OldTries::class, OldImports::class], Tidies::class);
        $this->app->when(TidyCommand::class)->needs('$areas')->giveTagged(Tidies::class);
        $this->people();
        $this->app->tag([BuildsFinder::class, LibraryFinder::class, CribFinder::class, CardsFinder::class, PeopleFinder::class], Findable::class);
        $this->app->tag([BuildNeeds::class, ToolNeeds::class, AsideNeeds::class, CardNeeds::class, AskedNeeds::class, StopNeeds::class, CribNeeds::class, LibraryNeeds::class, PeopleNeeds::class], NeedsMe::class);
        $this->app->when(TodayController::class)->needs('$areas')->giveTagged(NeedsMe::class);
        $this->app->when(FindController::class)->needs('$finders')->giveTagged(Findable::class);
    }

    /** What people hold, and what a shop begins with, is known to other areas. */
    private function people(): void
    {
        $this->app->bind(FamilyNames::class, LibraryFamilies::class);
        $this->app->bind(SupervisedBuilds::class, SupervisedRuns::class);
        $this->app->tag([WorkInHand::class, ToolsInHand::class, DraftsInHand::class, OwnHands::class], HeldBy::class);
        $this->app->when(LetGo::class)->needs('$areas')->giveTagged(HeldBy::class);
        $this->app->tag([PeopleFirstSteps::class, LibraryFirstSteps::class, CribFirstSteps::class], FirstSteps::class);
        $this->app->when(StepsLeft::class)->needs('$areas')->giveTagged(FirstSteps::class);
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Session::extend('whole_file', fn (Application $app): WholeFileSessions => new WholeFileSessions($app->make('files'), config('session.files'), config('session.lifetime')));
        Auth::provider('present', fn (Application $app): PresentPeople => new PresentPeople($app->make('hash'), fn (): Request => $app->make('request')));
        foreach (Ability::cases() as $ability) {
            Gate::define($ability->value, fn (Person $person): bool => $person->may($ability));
        }
        Gate::policy(Subject::class, SubjectPolicy::class);
        JsonResource::withoutWrapping();
        Event::listen(RevisionApproved::class, MoveAssignments::class);
        Event::listen(StopLifted::class, TellOfLifting::class);
        $this->settleClock();
        // Nobody listens to single queries outside of tests; to tell of each costs a request as much as two more would.
        if (PHP_SAPI === 'fpm-fcgi') {
            Event::listen(ConnectionEstablished::class, fn (ConnectionEstablished $event) => $event->connection->unsetEventDispatcher());
        }
    }

    /** A worker keeps its connection from request to request. PDO asks whether it is still there, and rolls back what was left open. */
    private function keepConnections(): void
    {
        if (PHP_SAPI === 'fpm-fcgi') {
            $options = (array) config('database.connections.mariadb.options');
            config(['database.connections.mariadb.options' => [PDO::ATTR_PERSISTENT => true] + $options]);
        }
    }

    /** In tests the clock stands at a given instant, or runs on from it since a given second of the real one. */
    private function settleClock(): void
    {
        if (! is_string(config('shop.now'))) {
            return;
        }
        $now = CarbonImmutable::parse(config('shop.now'));
        $since = config('shop.now_since');
        CarbonImmutable::setTestNow($since === null ? $now : fn (): CarbonImmutable => $now->addMicroseconds((int) ((microtime(true) - (int) $since) * 1e6)));
    }
}
