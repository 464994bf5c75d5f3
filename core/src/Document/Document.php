<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Part\Record;

/** One kind of question that can be put as an open document. */
interface Document
{
    /** As `kind` spells it, and the name of its schema. */
    public static function kind(): string;

    public static function form(): Form;

    /**
     * @param  Record  $document  of the right form
     * @return array<string, mixed> figures in SI units, spelled in the keys
     *
     * @throws \Jornel\Core\Fault\Invalid when one value is at fault
     * @throws \Jornel\Core\Fault\InvalidEntries when several are
     */
    public static function answer(Record $document, DataFiles $data): array;
}
