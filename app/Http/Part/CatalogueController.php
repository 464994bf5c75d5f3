<?php

namespace App\Http\Part;

use App\Http\Shared\Controller;
use App\Models\Part;
use App\Models\Programme;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\Shape;
use Jornel\Core\Shape\Shapes;
use OpenApi\Attributes as OA;

class CatalogueController extends Controller
{
    #[OA\Get(path: '/catalogue', operationId: 'catalogue', parameters: [new OA\QueryParameter(name: 'programme', required: false, description: 'Whose own parts count as well', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'Everything there is to choose from', content: new OA\JsonContent(ref: CatalogueData::class)),
    ])]
    public function show(Request $request, DataFiles $data): JsonResponse
    {
        $programme = $request->query('programme') === null ? null : Programme::query()->findOrFail($request->integer('programme'));
        if ($programme !== null) {
            Gate::authorize('view', $programme);
        }
        $parts = Part::catalogue($programme);

        return new JsonResponse(new CatalogueData(
            array_map(OptionData::fan(...), array_values($parts->fans)),
            array_map(OptionData::filter(...), array_values($parts->filters)),
            array_map(OptionData::joining(...), array_values($parts->joinings)),
            array_map(OptionData::shape(...), array_values(Shapes::all())),
            array_map(ShapeOptionsData::of(...), array_values(Shapes::all())),
            array_map(OptionData::base(...), array_values(array_filter(Shapes::all(), fn (Shape $shape): bool => $shape->base() !== null))),
            array_map(OptionData::corners(...), Corners::cases()),
            array_map(fn (Direction $direction): OptionData => OptionData::plain($direction->value, $direction->label()), Direction::cases()),
            array_map(fn ($pollutant): OptionData => OptionData::plain($pollutant->id, $pollutant->name, $pollutant->within), array_values($data->pollutants()->all)),
            array_map(fn ($use): OptionData => OptionData::plain($use->id, $use->name, $use->within), array_values($data->occupancies()->all)),
            array_map(fn ($grade): OptionData => OptionData::plain($grade->id, $grade->name, $grade->within), array_values($data->grades())),
        ));
    }
}
