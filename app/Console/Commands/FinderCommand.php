<?php

namespace App\Console\Commands;

use App\Finder\Service\FinderService;
use Illuminate\Console\Command;

/** Keeps the finder running for the web server: started by `./jornel up`, or as a service of its own (deploy/). */
class FinderCommand extends Command
{
    protected $signature = 'jornel:finder';

    protected $description = 'Answer the searches of the web server';

    public function handle(): never
    {
        // What is kept from question to question refers to itself in no circle: there is nothing for the collector to find.
        gc_disable();
        (new FinderService(config()->string('jornel.finder_socket'), storage_path('finder.question')))->run(max(1, config()->integer('jornel.finds_at_once')));
    }
}
