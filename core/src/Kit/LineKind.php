<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Part\PartKind;

/** What a line of a shopping list is for. */
enum LineKind: string
{
    case Fan = 'fan';
    case Filter = 'filter';
    case Prefilter = 'prefilter';
    case Joining = 'joining';
    case Sheet = 'sheet';
    case Hardware = 'hardware';

    /** Under what its pieces are kept in stock. */
    public function part(): PartKind
    {
        return match ($this) {
            self::Fan => PartKind::Fan,
            self::Filter, self::Prefilter => PartKind::Filter,
            self::Joining, self::Sheet, self::Hardware => PartKind::Material,
        };
    }

    /** Whether it is bought again at every change of filters. */
    public function isChanged(): bool
    {
        return $this === self::Filter || $this === self::Prefilter;
    }
}
