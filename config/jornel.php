<?php

return [
    'data' => base_path('data'),
    'backups' => env('JORNEL_BACKUPS', base_path('var/backups')),
    'backups_kept' => 14,
    // A programme made up to look round in; without it the first page sets up a programme of one’s own.
    'demo' => (bool) env('JORNEL_DEMO', true),
    'demo_person' => 'wren@alderfen.example',
    // Whether strangers may begin programmes here; the first one may always be begun.
    'registration' => env('JORNEL_REGISTRATION', 'open') === 'open',
];
