<?php

use App\Crib\Console\LateArrivalsCommand;
use App\People\Shop;
use App\Shared\Console\TidyCommand;
use Illuminate\Support\Facades\Schedule;

Schedule::command(TidyCommand::class)->hourly();
Schedule::command(LateArrivalsCommand::class)->everyFiveMinutes();

// At night by the shop's clock, as anybody would do it by hand: the command knows the instance by its folder.
$instance = dirname(storage_path());
// Every command comes through here, also those that make the tables it is written in.
$zone = rescue(fn (): string => Shop::here()->timeZone, config('shop.time_zone'), report: false);
$nightly = fn (string $command, string $at) => Schedule::exec(sprintf('TEKKAL_DATA=%s %s %s', escapeshellarg($instance), escapeshellarg(base_path('bin/tekkal')), $command))
    ->dailyAt($at)
    ->timezone($zone)
    ->appendOutputTo("$instance/log/nightly.log");

$nightly('backup '.escapeshellarg(config('shop.backup_folder')), '2:10')
    ->name('nightly backup')
    ->when(fn (): bool => config('shop.backup_folder') !== '');
$nightly('verify', '2:40')->name('nightly verify');
