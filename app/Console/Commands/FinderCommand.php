<?php

namespace App\Console\Commands;

use App\Actions\Find;
use App\Finder\Service\FinderService;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Quantity\System;

/** Keeps the finder running for the web server: started by `./jornel up`, or as a service of its own (deploy/). */
class FinderCommand extends Command
{
    protected $signature = 'jornel:finder';

    protected $description = 'Answer the searches of the web server';

    /** A room as most are asked about; any room, goal and limits share what is worked out for it. */
    public const ROOM = ['name' => 'A room', 'use' => 'classroom', 'length' => '9 m', 'width' => '7.5 m', 'height' => '2.7 m', 'people' => '26', 'pollutant' => 'shared-air', 'has_fuel_burning' => false];

    public function handle(Find $find): never
    {
        // What is kept from question to question refers to itself in no circle: there is nothing for the collector to find.
        gc_disable();
        $usual = rescue(fn (): array => [$find(self::ROOM, 'per-person', [], System::Metric, null, null)], []);
        // The parts are read: what splits from this process shares no connection with it.
        DB::purge();
        (new FinderService(config()->string('jornel.finder_socket'), storage_path('finder.question'), $usual))->run(max(1, config()->integer('jornel.finds_at_once')));
    }
}
