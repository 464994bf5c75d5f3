<?php

return [
    // There are no tokens: whoever is signed in holds a session (see bootstrap/app.php).
    'stateful' => [],
    'guard' => ['web'],
    'expiration' => null,
];
