<?php

use App\Crib\Console\LateArrivalsCommand;
use App\Shared\Console\TidyCommand;
use Illuminate\Support\Facades\Schedule;

Schedule::command(TidyCommand::class)->hourly();
Schedule::command(LateArrivalsCommand::class)->everyFiveMinutes();

// At night by the shop's clock, as anybody would do it by hand: the command knows the instance by its folder.
$instance = dirname(storage_path());
$nightly = fn (string $command, string $at) => Schedule::exec(sprintf('TEKKAL_DATA=%s %s %s', escapeshellarg($instance), escapeshellarg(base_path('bin/tekkal')), $command))
    ->dailyAt($at)
    ->timezone(config('shop.time_zone'))
    ->appendOutputTo("$instance/log/nightly.log");

$nightly('backup '.escapeshellarg(config('shop.backup_folder')), '2:10')
    ->name('nightly backup')
    ->when(fn (): bool => config('shop.backup_folder') !== '');
$nightly('verify', '2:40')->name('nightly verify');
