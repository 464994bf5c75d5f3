<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Proof;

use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Document;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Document\Schema\ProofForms;
use Jornel\Core\Part\Record;
use Jornel\Core\Quantity\UnitOfMeasure;

/** Air speeds over an outlet: their mean, the flow and how sure it is. */
final class TraverseDocument implements Document
{
    public static function kind(): string
    {
        return 'traverse';
    }

    public static function form(): Form
    {
        return ProofForms::traverse();
    }

    public static function answer(Record $document, DataFiles $data): array
    {
        $traverse = TraverseReader::read($document);
        $outlet = $traverse->outlet;

        return [
            'points_in' => $outlet->isRound
                ? ['along' => self::inches($traverse->along, $outlet->width)]
                : ['x' => self::inches($traverse->along, $outlet->width), 'y' => self::inches($traverse->up, $outlet->height)],
            'mean_m_s' => $traverse->mean(),
            'area_m2' => $outlet->area(),
            'flow_m3_s' => $traverse->flow(),
            'relative_uncertainty' => $traverse->relativeUncertainty(),
            'reversed' => $traverse->reversed(),
        ];
    }

    /**
     * @param  list<float>  $shares
     * @return list<float>
     */
    private static function inches(array $shares, float $side): array
    {
        return array_map(fn (float $share): float => UnitOfMeasure::Inch->fromSi($share * $side), $shares);
    }
}
