<?php

/** What all answers are worked out by: the rules, the reference figures and how they are told. Whatever is kept of them holds as long as this is the same. */
$figures = function (): string {
    $known = hash_init('xxh3');
    foreach (['app', 'core/src', 'core/texts', 'data/reference', 'resources/views'] as $folder) {
        $files = iterator_to_array(new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($folder), FilesystemIterator::SKIP_DOTS)));
        ksort($files);
        foreach ($files as $path => $file) {
            hash_update($known, "{$path} {$file->getSize()} {$file->getMTime()}\n");
        }
    }

    return hash_final($known);
};

return [
    'figures' => $figures(),
    'data' => base_path('data'),
    // Searches of the finder that run at once, one on each core: they give way to everybody else (deploy/). Each has a process that
    // keeps 100 MB and more.
    'finds_at_once' => (int) env('JORNEL_FINDS_AT_ONCE', min(4, max(1, substr_count((string) @file_get_contents('/proc/cpuinfo'), "processor\t")))),
    // How long whoever is near their turn waits for it in a request, s.
    'find_hold' => 2.5,
    // Where the finder's service listens; where none does, each search is a process of its own.
    'finder_socket' => (string) env('JORNEL_FINDER_SOCKET', base_path('var/storage/finder.sock')),
    // What `up` writes down of where it serves this installation.
    'run' => (string) env('JORNEL_RUN', base_path('var/app/run')),
    'backups' => env('JORNEL_BACKUPS', base_path('var/backups')),
    'backups_kept' => 14,
    // A programme made up to look round in; without it the first page sets up a programme of one’s own.
    'demo' => (bool) env('JORNEL_DEMO', true),
    // Where the simulated meters of the demo answer.
    'meters' => env('JORNEL_METERS', 'http://127.0.0.1:8090'),
    // Networks inside which meters may be asked, and the ports at which any may: 192.168.1.0/24,10.0.0.0/8.
    'meter_networks' => array_map(trim(...), explode(',', (string) env('JORNEL_METER_NETWORKS', ''))),
    'meter_ports' => array_map(trim(...), explode(',', (string) (env('JORNEL_METER_PORTS') ?: '80,443,8080,8443'))),
    // Meters that a programme asks at the same time at most.
    'meters_at_once' => 2,
    'demo_person' => 'wren@alderfen.example',
    // Whether strangers may begin programmes here; the first one may always be begun.
    'registration' => env('JORNEL_REGISTRATION', 'open') === 'open',
];
