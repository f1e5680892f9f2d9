<?php

use App\Shared\Console\TidyCommand;
use Illuminate\Support\Facades\Schedule;

Schedule::command(TidyCommand::class)->hourly();
