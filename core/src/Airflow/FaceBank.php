<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\Air;
use Jornel\Core\Part\Efficiency;
use Jornel\Core\Part\PressureLaw;
use Jornel\Core\Shape\FilterFace;

/** Faces that are alike and so run at the same velocity. */
final readonly class FaceBank
{
    /**
     * @param  non-empty-list<string>  $ids  of the faces
     * @param  float  $faceArea  net area of one face, m2
     * @param  float  $area  net area of all of them, m2
     */
    private function __construct(
        public array $ids,
        public float $faceArea,
        public float $area,
        public PressureLaw $law,
        public Efficiency $efficiency,
        public float $ratedVelocity,
    ) {
    }

    /**
     * @param  non-empty-list<FilterFace>  $faces
     * @return non-empty-list<self>
     */
    public static function of(array $faces, Air $air): array
    {
        $alike = [];
        foreach ($faces as $face) {
            $alike[$face->filter->id.'|'.$face->netArea()][] = $face;
        }

        return array_values(array_map(fn (array $group): self => new self(
            array_map(fn (FilterFace $face): string => $face->id, $group),
            $group[0]->netArea(),
            $group[0]->netArea() * count($group),
            $group[0]->filter->pressureLaw->in($air),
            $group[0]->filter->efficiency,
            $group[0]->filter->ratedVelocity,
        ), $alike));
    }
}
