<?php

namespace App\Http\Question;

use App\Actions\Evaluate;
use App\Http\Shared\Controller;
use App\Http\Shared\CornerData;
use App\Http\Shared\FurnishingData;
use Illuminate\Http\JsonResponse;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Plan\DrawnCorner;
use Jornel\Core\Plan\DrawnThing;
use Jornel\Core\Plan\FurnishingKind;
use Jornel\Core\Plan\InvalidPlan;
use Jornel\Core\Plan\PlanEdit;
use Jornel\Core\Plan\PlanEntry;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PlanChangeRequest', description: 'What a hand does to a plan; lengths in m with y up', required: ['what'], properties: [
    new OA\Property(property: 'what', type: 'string', enum: PlanEditRequest::WHAT),
    new OA\Property(property: 'index', type: 'number', description: 'Of the corner, wall or thing'),
    new OA\Property(property: 'x', type: 'number', description: 'Where to; of a wall by how much'),
    new OA\Property(property: 'y', type: 'number'),
    new OA\Property(property: 'x2', type: 'number', description: 'The opposite corner of a rectangle'),
    new OA\Property(property: 'y2', type: 'number'),
    new OA\Property(property: 'near', type: 'number', description: 'Within which a corner is drawn into line with others'),
    new OA\Property(property: 'kind', type: 'string', description: 'Of what is put down'),
    new OA\Property(property: 'wall', type: 'number', description: 'In which it is put; left out for none'),
])]
class PlanEditController extends Controller
{
    #[OA\Post(path: '/plans/edits', operationId: 'editPlan', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: PlanEditRequest::class)), responses: [
        new OA\Response(response: 200, description: 'The plan as it is after, and drawn; nothing is kept', content: new OA\JsonContent(ref: EditedPlanData::class)),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(PlanEditRequest $request, PlanController $plans, Evaluate $evaluate): JsonResponse
    {
        $room = $request->room();
        $system = $this->person($request)->measure;
        $outline = array_map(fn (mixed $row): DrawnCorner => CornerData::of((array) $row)->corner(), $request->rows('outline'));
        $things = array_map(fn (mixed $row): DrawnThing => FurnishingData::of((array) $row)->thing(), $request->rows('furnishings'));
        $before = new PlanEdit($outline === [] ? $this->rectangle(new PlanEntry($room, $system)) : $outline, $things, $system);
        $after = $this->made($before, $request);
        $isDrawn = $outline !== [] || $after->corners !== $before->corners;
        $height = trim((string) $request->input('room.height', '')) === '' ? PlanEdit::usualCeiling($system) : (string) $request->input('room.height');
        $edited = EditedPlanData::of($after, $isDrawn, $height, null);
        try {
            $plan = $plans->drawn(['outline' => array_map(get_object_vars(...), $edited->outline), 'furnishings' => array_map(get_object_vars(...), $edited->furnishings), 'height' => $height] + $room, $request, $evaluate);
        } catch (InvalidEntries) {
            // It is told when the plan is asked for as it is now.
            $plan = null;
        }

        return new JsonResponse(EditedPlanData::of($after, $isDrawn, $height, $plan));
    }

    private function made(PlanEdit $plan, PlanEditRequest $request): PlanEdit
    {
        $index = (int) $request->number('index');
        [$x, $y] = [$request->number('x'), $request->number('y')];

        return match ($request->input('edit.what')) {
            'rectangle' => $plan->rectangle($x, $y, $request->number('x2'), $request->number('y2')),
            'move-corner' => $plan->moveCorner($index, $x, $y, $request->number('near')),
            'move-wall' => $plan->moveWall($index, $x, $y),
            'add-corner' => $plan->addCorner($index),
            'add-recess' => $plan->addRecess($index),
            'remove-corner' => $plan->removeCorner($index),
            'move-thing' => $plan->moveThing($index, $x, $y),
            'remove-thing' => $plan->removeThing($index),
            'put' => $plan->put(
                FurnishingKind::tryFrom((string) $request->input('edit.kind')) ?? throw InvalidPlan::furnishing('edit.kind', (string) $request->input('edit.kind')),
                $request->input('edit.wall') === null ? null : (int) $request->number('wall'),
            ),
            default => throw InvalidPlan::edit((string) $request->input('edit.what'), PlanEditRequest::WHAT),
        };
    }

    /**
     * Corners of a plain rectangle; none before its sides are known.
     *
     * @return list<DrawnCorner>
     */
    private function rectangle(PlanEntry $entry): array
    {
        try {
            return array_map(fn (PlanePoint $corner): DrawnCorner => new DrawnCorner($corner->x, $corner->y), $entry->plan()->outline->corners);
        } catch (InvalidEntries) {
            return [];
        }
    }
}
