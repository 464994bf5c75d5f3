<?php

namespace App\Sheet;

use App\Models\Unit;

/**
 * Where this installation is found, for what is printed: the address that whoever runs it gave (`APP_URL`), else the one that
 * `up` serves it at: on the local network, or on this machine alone.
 */
final class OwnAddress
{
    /** Of the page of a unit for everybody. */
    public static function of(Unit $unit): string
    {
        return self::base().$unit->path();
    }

    public static function base(): string
    {
        $told = rtrim(config()->string('app.url'), '/');
        if (self::isReachable($told)) {
            return $told;
        }
        $written = fn (string $file): string => trim((string) @file_get_contents(config()->string('jornel.run')."/{$file}"));
        [$network, $port, $here] = [$written('lan'), explode(' ', $written('lan.ports'))[0], $written('web.address')];

        return match (true) {
            $network !== '' && $port !== '' => "https://{$network}:{$port}",
            $here !== '' => "http://{$here}",
            default => $told,
        };
    }

    /** Whether a phone can come there: what is of this machine alone leads a phone to itself. */
    public static function isReachable(string $address): bool
    {
        $host = trim((string) parse_url($address, PHP_URL_HOST), '[]');

        return ! in_array($host, ['', 'localhost', '::1', '0.0.0.0'], true) && ! str_starts_with($host, '127.');
    }
}
