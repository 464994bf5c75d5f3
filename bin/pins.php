<?php

// Prints what is installed, one `name:version` a line, as `composer.pins` has it: php bin/pins.php > composer.pins after a
// change of composer.json that was tried.

$installed = json_decode((string) file_get_contents(__DIR__.'/../vendor/composer/installed.json'), true, flags: JSON_THROW_ON_ERROR);
$pins = array_map(fn (array $package): string => "{$package['name']}:{$package['version']}", $installed['packages']);
sort($pins);
echo implode("\n", $pins), "\n";
