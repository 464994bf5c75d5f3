<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Register;

use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\BuildingDocument;
use Jornel\Core\Document\ClearanceDocument;
use Jornel\Core\Document\DayDocument;
use Jornel\Core\Document\Document;
use Jornel\Core\Document\EvaluationDocument;
use Jornel\Core\Document\FindDocument;
use Jornel\Core\Document\GuideDocument;
use Jornel\Core\Document\KitDocument;
use Jornel\Core\Document\Proof\DecayDocument;
use Jornel\Core\Document\Proof\FitDocument;
use Jornel\Core\Document\Proof\LevelDocument;
use Jornel\Core\Document\Proof\TissueDocument;
use Jornel\Core\Document\Proof\TraverseDocument;
use Jornel\Core\Document\RoomSeriesDocument;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Document\SoundDocument;
use Jornel\Core\Part\Record;

/** The register of documents: a new kind is its class and one line here. */
final class Documents
{
    /** Evidence of what a unit does. */
    private const PROOFS = [DecayDocument::class, TraverseDocument::class, LevelDocument::class, TissueDocument::class, FitDocument::class];

    private const KINDS = [EvaluationDocument::class, ClearanceDocument::class, RoomSeriesDocument::class, BuildingDocument::class, SoundDocument::class, FindDocument::class, KitDocument::class, GuideDocument::class, DayDocument::class, ...self::PROOFS];

    /** The kind of a document that does not name one. */
    public const USUAL = 'evaluate';

    /** @return list<string> */
    public static function kinds(): array
    {
        return array_map(fn (string $document): string => $document::kind(), self::KINDS);
    }

    /** @return list<string> kinds of evidence */
    public static function proofs(): array
    {
        return array_map(fn (string $document): string => $document::kind(), self::PROOFS);
    }

    /** Form of a kind, with its name in it; null for one that is not known. */
    public static function form(string $kind): ?Form
    {
        $document = self::named($kind);
        if ($document === null) {
            return null;
        }
        $form = $document::form()->key('kind', ['const' => $kind], 'What is asked');

        return $kind === self::USUAL ? $form : $form->requires('kind');
    }

    /**
     * @param  array<string, mixed>  $document  already of the right form
     * @return array<string, mixed>
     *
     * @throws \Jornel\Core\Fault\Invalid when one value is at fault
     * @throws \Jornel\Core\Fault\InvalidEntries when several are
     */
    public static function answer(array $document, DataFiles $data): array
    {
        $kind = is_string($document['kind'] ?? null) ? $document['kind'] : self::USUAL;
        $answers = self::named($kind) ?? EvaluationDocument::class;

        return $answers::answer(new Record($document + ['from' => 'rated']), $data);
    }

    /** @return class-string<Document>|null */
    private static function named(string $kind): ?string
    {
        foreach (self::KINDS as $document) {
            if ($document::kind() === $kind) {
                return $document;
            }
        }

        return null;
    }
}
