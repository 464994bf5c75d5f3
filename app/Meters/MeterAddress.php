<?php

namespace App\Meters;

use App\Evidence\InvalidSurvey;

/** An address that may be asked: of the world outside, or of this network where an organiser allowed that. */
final readonly class MeterAddress
{
    /** @param  list<string>  $places  IP addresses that its name leads to */
    private function __construct(private string $host, private int $port, private array $places)
    {
    }

    /** @throws InvalidSurvey at `address` */
    public static function of(string $address, bool $isInternal): self
    {
        $parts = parse_url($address);
        $scheme = $parts['scheme'] ?? '';
        $host = trim($parts['host'] ?? '', '[]');
        if (! in_array($scheme, ['http', 'https'], true) || $host === '' || isset($parts['user'])) {
            throw InvalidSurvey::of('address', 'This is no address of a meter: it begins with http:// or https:// and names no person.');
        }
        $places = filter_var($host, FILTER_VALIDATE_IP) !== false ? [$host] : (gethostbynamel($host) ?: []);
        if ($places === []) {
            throw InvalidSurvey::of('address', "Nothing is found under the name {$host}.");
        }
        foreach ($places as $place) {
            if (! $isInternal && filter_var($place, FILTER_VALIDATE_IP, FILTER_FLAG_NO_PRIV_RANGE | FILTER_FLAG_NO_RES_RANGE | FILTER_FLAG_GLOBAL_RANGE) === false) {
                throw InvalidSurvey::of('address', 'This address lies within this network. An organiser can allow that on purpose.');
            }
            // What hands out the keys of a rented machine is never a meter.
            if (str_starts_with($place, '169.254.') || str_starts_with(strtolower($place), 'fe80:') || str_starts_with(strtolower($place), 'fd00:ec2:')) {
                throw InvalidSurvey::of('address', 'No meter is asked at this address.');
            }
        }

        return new self($host, $parts['port'] ?? ($scheme === 'https' ? 443 : 80), $places);
    }

    /** @return list<string> as curl is told it */
    public function pinned(): array
    {
        return ["{$this->host}:{$this->port}:".implode(',', $this->places)];
    }
}
