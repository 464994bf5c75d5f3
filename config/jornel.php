<?php

return [
    'data' => base_path('data'),
    'backups' => env('JORNEL_BACKUPS', base_path('var/backups')),
    'backups_kept' => 14,
];
