<?php

namespace App\Http\Part;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Catalogue', description: 'Everything there is to choose from')]
final readonly class CatalogueData
{
    /**
     * @param  list<OptionData>  $fans
     * @param  list<OptionData>  $filters
     * @param  list<OptionData>  $joinings
     * @param  list<OptionData>  $shapes
     * @param  list<ShapeOptionsData>  $shape_options
     * @param  list<OptionData>  $bases
     * @param  list<OptionData>  $corners
     * @param  list<OptionData>  $directions
     * @param  list<OptionData>  $pollutants
     * @param  list<OptionData>  $uses
     * @param  list<OptionData>  $grades
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: OptionData::class))] public array $fans,
        #[OA\Property(items: new OA\Items(ref: OptionData::class))] public array $filters,
        #[OA\Property(items: new OA\Items(ref: OptionData::class))] public array $joinings,
        #[OA\Property(items: new OA\Items(ref: OptionData::class))] public array $shapes,
        #[OA\Property(items: new OA\Items(ref: ShapeOptionsData::class))] public array $shape_options,
        #[OA\Property(items: new OA\Items(ref: OptionData::class), description: 'Shapes that differ in what closes them below, by that')] public array $bases,
        #[OA\Property(items: new OA\Items(ref: OptionData::class))] public array $corners,
        #[OA\Property(items: new OA\Items(ref: OptionData::class))] public array $directions,
        #[OA\Property(items: new OA\Items(ref: OptionData::class))] public array $pollutants,
        #[OA\Property(items: new OA\Items(ref: OptionData::class))] public array $uses,
        #[OA\Property(items: new OA\Items(ref: OptionData::class))] public array $grades,
    ) {
    }
}
