<?php

namespace App\Meters;

use App\Evidence\InvalidSurvey;
use League\Uri\Exceptions\SyntaxError;
use League\Uri\Uri;
use Symfony\Component\HttpFoundation\IpUtils;

/**
 * Where a meter is asked: an address that was taken apart once, judged, and put together again from what was judged. It lies in
 * the world outside, or in a network that whoever runs the machine allowed (`JORNEL_METER_NETWORKS`).
 */
final readonly class MeterAddress
{
    /** Where no meter is, whatever is allowed: this host by no number, link-local (which hands out the keys of rented machines), multicast, reserved. */
    private const NEVER = ['0.0.0.0/8', '169.254.0.0/16', '224.0.0.0/3', '::/128', 'fe80::/10', 'fec0::/10', 'ff00::/8', 'fd00:ec2::/32'];

    /**
     * IPv4 that does not lead out into the world.
     *
     * Source: IANA IPv4 Special-Purpose Address Registry; its blocks for documentation lead nowhere.
     */
    private const WITHIN = ['10.0.0.0/8', '100.64.0.0/10', '127.0.0.0/8', '172.16.0.0/12', '192.0.0.0/24', '192.88.99.0/24', '192.168.0.0/16', '198.18.0.0/15'];

    /**
     * IPv6 that does: global unicast, without what translates to IPv4 or is set aside for protocols.
     *
     * Source: IANA IPv6 Special-Purpose Address Registry.
     */
    private const GLOBAL = ['2000::/3'];

    private const TRANSLATED = ['2001::/23', '2002::/16'];

    /** @param  list<string>  $places  IP addresses that its name leads to */
    private function __construct(public string $url, private string $host, private int $port, private array $places)
    {
    }

    /** @throws InvalidSurvey at `address` */
    public static function of(string $address): self
    {
        [$url, $host, $port] = self::parsed($address);
        if (! in_array($port, array_map(intval(...), config()->array('jornel.meter_ports')), true)) {
            throw InvalidSurvey::of('address', "No meter is asked at port {$port}.");
        }
        $places = self::lookedUp($host);
        foreach ($places as $place) {
            if (! self::mayBeAsked($place)) {
                throw InvalidSurvey::of('address', 'This address lies within a network. Whoever runs Jornel can allow that there (JORNEL_METER_NETWORKS in its .env).');
            }
        }

        return new self($url, $host, $port, $places);
    }

    /** One that whoever runs the machine wrote down. */
    public static function ofOperator(string $address): self
    {
        [$url, $host, $port] = self::parsed($address);

        return new self($url, $host, $port, self::lookedUp($host));
    }

    /** @return list<string> as curl is told it: what was judged is where it is asked, whatever its name leads to a moment later */
    public function pinned(): array
    {
        return ["{$this->host}:{$this->port}:".implode(',', array_map(fn (string $place): string => str_contains($place, ':') ? "[{$place}]" : $place, $this->places))];
    }

    /** @return array{string, string, int} address, host and port, each as it was understood */
    private static function parsed(string $address): array
    {
        $fault = InvalidSurvey::of('address', 'This is no address of a meter: it looks like http://meter.example/data, without braces or the name of a person.');
        try {
            // What one program reads one way and another program another way is not read at all.
            $uri = preg_match('/^[!#$%&\'()*+,.\/0-9:;=?@A-Z\[\]_a-z~-]+$/D', $address) === 1 ? Uri::new($address) : throw $fault;
        } catch (SyntaxError) {
            throw $fault;
        }
        [$scheme, $host] = [$uri->getScheme(), trim((string) $uri->getHost(), '[]')];
        if (! in_array($scheme, ['http', 'https'], true) || $uri->getUserInfo() !== null || ! self::isHost($host)) {
            throw $fault;
        }

        return [$uri->withFragment(null)->toString(), $host, $uri->getPort() ?? ($scheme === 'https' ? 443 : 80)];
    }

    /** A name, or an IP address in the one way that everybody reads alike. */
    private static function isHost(string $host): bool
    {
        return filter_var($host, FILTER_VALIDATE_IP) !== false || (strlen($host) < 254 && preg_match('/^([a-z0-9]([a-z0-9_-]*[a-z0-9])?\.)*[a-z]([a-z0-9-]*[a-z0-9])?$/iD', $host) === 1);
    }

    /** @return non-empty-list<string> */
    private static function lookedUp(string $host): array
    {
        $places = filter_var($host, FILTER_VALIDATE_IP) !== false ? [$host] : (gethostbynamel($host) ?: array_column(@dns_get_record($host, DNS_AAAA) ?: [], 'ipv6'));

        return $places === [] ? throw InvalidSurvey::of('address', "Nothing is found under the name {$host}.") : $places;
    }

    private static function mayBeAsked(string $place): bool
    {
        if (IpUtils::checkIp($place, self::NEVER)) {
            return false;
        }
        $allowed = array_values(array_filter(array_map(strval(...), config()->array('jornel.meter_networks'))));
        if ($allowed !== [] && IpUtils::checkIp($place, $allowed)) {
            return true;
        }

        return str_contains($place, ':') ? IpUtils::checkIp($place, self::GLOBAL) && ! IpUtils::checkIp($place, self::TRANSLATED) : ! IpUtils::checkIp($place, self::WITHIN);
    }
}
