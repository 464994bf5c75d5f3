<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Kit\Stock;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Record;
use Jornel\Core\Part\UnknownPart;

/** Reads pieces in stock. */
final class StockReader
{
    /** @throws UnknownPart */
    public static function read(Record $document, Catalogue $catalogue): Stock
    {
        $pieces = [];
        foreach (isset($document->data()['stock']) ? $document->records('stock') : [] as $row) {
            $id = $row->text('part');
            $known = isset($catalogue->fans[$id]) || isset($catalogue->filters[$id]) || isset($catalogue->materials[$id]);
            $pieces[$id] = (int) $row->number('pieces', -1.0)->si + ($pieces[$id] ?? 0);
            $known || throw UnknownPart::named($row->path('part'), null, $id, []);
        }

        return Stock::of($pieces);
    }
}
