<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Proof;

use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Document;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Document\Schema\ProofForms;
use Jornel\Core\Part\Record;

/** How fast a room clears with a unit and without it, and so what clean air it gives. */
final class DecayDocument implements Document
{
    public static function kind(): string
    {
        return 'decay';
    }

    public static function form(): Form
    {
        return ProofForms::decay();
    }

    public static function answer(Record $document, DataFiles $data): array
    {
        return DecayReader::read($document)->told();
    }
}
