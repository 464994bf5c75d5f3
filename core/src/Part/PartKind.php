<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** What a part of the catalogue is. */
enum PartKind: string
{
    case Fan = 'fan';
    case Filter = 'filter';
    case Joining = 'joining';
    /** Something used up in building: tape, sheets, hardware. */
    case Material = 'material';

    /** The kinds of which pieces are kept in stock; a joining is kept as its material. */
    public const STOCKED = [self::Fan, self::Filter, self::Material];

    /** The key of one of them among parts of all kinds. */
    public function key(string $id): string
    {
        return "{$this->value} {$id}";
    }

    /** @return array{self, string} what such a key says: kind and id */
    public static function ofKey(string $key): array
    {
        [$kind, $id] = explode(' ', $key, 2);

        return [self::from($kind), $id];
    }
}
