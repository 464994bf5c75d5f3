<?php

namespace App\Http\Day;

use App\Actions\BuildDays;
use App\Actions\Remember;
use App\Exceptions\Overtaken;
use App\Http\Shared\Controller;
use App\Models\BuildDay;
use App\Models\Programme;
use App\Models\Version;
use App\Sheet\DayPdf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Jornel\Core\BuildDay\InvalidDay;
use Jornel\Core\BuildDay\Schedule;
use OpenApi\Attributes as OA;

/** Build days: what is made, who comes, who does what when; followed while they are on. */
class DayController extends Controller
{
    /** Time to plan anew in when something comes between, ms. */
    private const ANEW = 500.0;

    /** Days that are told at a time. */
    private const AT_ONCE = 100;

    public function __construct(private readonly BuildDays $days)
    {
    }

    #[OA\Get(path: '/programmes/{programme}/days', operationId: 'days', parameters: [
        new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer')), new OA\QueryParameter(name: 'after', schema: new OA\Schema(type: 'integer', minimum: 0), description: 'Days that are passed over: those on the list already'),
    ], responses: [
        new OA\Response(response: 200, description: 'Its build days, the latest first, so many at a time', content: new OA\JsonContent(type: 'array', items: new OA\Items(type: 'object', required: ['id', 'name', 'starts_at', 'units', 'people', 'begun'], properties: [
            new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'starts_at', type: 'string'), new OA\Property(property: 'units', type: 'integer'), new OA\Property(property: 'people', type: 'integer'), new OA\Property(property: 'begun', type: 'boolean'),
        ]))),
    ])]
    public function index(Request $request, Programme $programme): JsonResponse
    {
        $days = BuildDay::query();
        $days->where('programme_id', $programme->id)->orderByDesc('starts_at')->orderByDesc('id')->offset($request->integer('after'))->limit(self::AT_ONCE);

        return new JsonResponse(array_values($days->get()->map(fn (BuildDay $day): array => [
            'id' => $day->id, 'name' => $day->name, 'starts_at' => $day->starts_at->format('Y-m-d\TH:i'), 'units' => array_sum(array_column($day->written['units'], 'count')), 'people' => count($day->written['people']), 'begun' => $day->begun_at !== null,
        ])->all()));
    }

    #[OA\Post(path: '/programmes/{programme}/days', operationId: 'addDay', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: DayRequest::class)), responses: [
        new OA\Response(response: 201, description: 'Added', content: new OA\JsonContent(ref: '#/components/schemas/BuildDay')),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(DayRequest $request, Programme $programme): JsonResponse
    {
        $day = new BuildDay(['programme_id' => $programme->id, 'person_id' => $this->person($request)->id, 'name' => $request->string('name')->toString(), 'starts_at' => $request->string('starts_at')->toString(), 'written' => $this->ownUnits($request, $programme)]);
        $day->save();
        Remember::that('day_added', $programme->id, null, ['day' => $day->name]);

        return new JsonResponse($this->told($request, $day->refresh()), 201);
    }

    #[OA\Get(path: '/days/{day}', operationId: 'day', parameters: [new OA\PathParameter(name: 'day', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'The day, its plan and how far it is', content: new OA\JsonContent(ref: '#/components/schemas/BuildDay')),
    ])]
    public function show(Request $request, BuildDay $day): JsonResponse
    {
        return new JsonResponse($this->told($request, $day));
    }

    #[OA\Put(path: '/days/{day}', operationId: 'changeDay', parameters: [new OA\PathParameter(name: 'day', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: DayRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Changed; what was planned holds only where it still can', content: new OA\JsonContent(ref: '#/components/schemas/BuildDay')),
        new OA\Response(response: 409, description: 'Someone changed it meanwhile'),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function update(DayRequest $request, BuildDay $day): JsonResponse
    {
        $written = $this->ownUnits($request, $day->programme);
        if ($day->begun_at !== null && $written['units'] !== $day->written['units']) {
            throw ValidationException::withMessages(['units' => 'The day has begun: what is made stays as it is.']);
        }
        $day->changeSince($request->integer('revision'), Overtaken::day(), function (int $revision) use ($request, $day, $written): void {
            // On the day itself what was planned stays until it is planned anew from now.
            $isSame = $written === $day->written;
            $day->fill(['name' => $request->string('name')->toString(), 'starts_at' => $request->string('starts_at')->toString(), 'written' => $written, 'revision' => $revision] + ($isSame || $day->begun_at !== null ? [] : ['plan' => null]))->save();
        });

        return new JsonResponse($this->told($request, $day->refresh()));
    }

    #[OA\Delete(path: '/days/{day}', operationId: 'deleteDay', parameters: [new OA\PathParameter(name: 'day', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'Deleted, and can be brought back; units that were begun stay'),
    ])]
    public function destroy(BuildDay $day): Response
    {
        $day->delete();
        Remember::that('day_deleted', $day->programme_id, null, ['day' => $day->name]);

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/days/{day}/deletion', operationId: 'restoreDay', parameters: [new OA\PathParameter(name: 'day', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'It is there again'),
    ])]
    public function restore(BuildDay $day): Response
    {
        if ($day->trashed()) {
            $day->restore();
            Remember::that('day_restored', $day->programme_id, null, ['day' => $day->name]);
        }

        return new Response(status: 204);
    }

    #[OA\Post(path: '/days/{day}/plan', operationId: 'planDay', parameters: [new OA\PathParameter(name: 'day', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: PlanDayRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Planned; on the day itself, from now on', content: new OA\JsonContent(ref: '#/components/schemas/BuildDay')),
        new OA\Response(response: 409, description: 'Someone changed or began the day while it was planned'),
        new OA\Response(response: 422, description: 'It cannot be done, and why', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function plan(PlanDayRequest $request, BuildDay $day): JsonResponse
    {
        $plan = $this->days->plan($day, (float) $request->integer('budget'));
        // What was found is kept only where it is better than what holds, or nothing holds any more.
        $held = $day->begun_at === null ? $this->held($day) : null;
        if ($held === null || $plan->schedule->length() < $held->length() - 1e-6) {
            // Somebody may have changed or begun it while it was planned.
            $day->changeSince($request->filled('revision') ? $request->integer('revision') : $day->revision, Overtaken::day(), fn (int $revision) => $day->update(['plan' => BuildDays::kept($plan->schedule, $plan->bound, $plan->why), 'revision' => $revision]));
        }

        return new JsonResponse($this->told($request, $day->refresh()));
    }

    #[OA\Post(path: '/days/{day}/moves', operationId: 'moveTask', parameters: [new OA\PathParameter(name: 'day', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: MoveRequest::class)), responses: [
        new OA\Response(response: 200, description: 'It is there now, and what comes after it follows', content: new OA\JsonContent(ref: '#/components/schemas/BuildDay')),
        new OA\Response(response: 409, description: 'Someone changed the day meanwhile'),
        new OA\Response(response: 422, description: 'It does not go there, and why', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function move(MoveRequest $request, BuildDay $day): JsonResponse
    {
        /** @var non-empty-list<string> $people */
        $people = array_values((array) $request->validated('people'));
        $schedule = $this->days->move($day, $request->string('task')->toString(), (float) $request->float('start'), $people);
        $day->changeSince($request->integer('revision'), Overtaken::day(), fn (int $revision) => $day->update(['plan' => BuildDays::kept($schedule, $day->plan['bound'] ?? 0.0, 'It was moved by hand.'), 'revision' => $revision]));

        return new JsonResponse($this->told($request, $day->refresh()));
    }

    #[OA\Post(path: '/days/{day}/beginning', operationId: 'beginDay', parameters: [new OA\PathParameter(name: 'day', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 201, description: 'Its units are begun, and its clock runs', content: new OA\JsonContent(ref: '#/components/schemas/BuildDay')),
        new OA\Response(response: 422, description: 'It has begun already, or there is no plan', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function begin(Request $request, BuildDay $day): JsonResponse
    {
        if ($day->begun_at !== null || $this->held($day) === null) {
            throw ValidationException::withMessages(['day' => $day->begun_at === null ? 'Plan the day first.' : 'This day has begun already.']);
        }
        $day->changeSince($day->revision, Overtaken::day(), function (int $revision) use ($request, $day): void {
            $this->days->begin($day, $this->person($request));
            $day->fill(['revision' => $revision])->save();
        });
        Remember::that('day_begun', $day->programme_id, null, ['day' => $day->name]);

        return new JsonResponse($this->told($request, $day->refresh()), 201);
    }

    #[OA\Put(path: '/days/{day}/set-aside', operationId: 'setAside', parameters: [new OA\PathParameter(name: 'day', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: SetAsideRequest::class)), responses: [
        new OA\Response(response: 200, description: 'These units wait, and the rest is planned anew from now', content: new OA\JsonContent(ref: '#/components/schemas/BuildDay')),
        new OA\Response(response: 409, description: 'Someone changed the day meanwhile'),
        new OA\Response(response: 422, description: 'The rest cannot be done, and why', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function setAside(SetAsideRequest $request, BuildDay $day): JsonResponse
    {
        if ($day->begun_at === null) {
            throw ValidationException::withMessages(['units' => 'The day has not begun: change what is made instead.']);
        }
        $day->set_aside = $request->numbers();
        $plan = $this->days->plan($day, self::ANEW);
        $day->changeSince($request->integer('revision'), Overtaken::day(), fn (int $revision) => $day->fill(['set_aside' => $request->numbers(), 'plan' => BuildDays::kept($plan->schedule, $plan->bound, $plan->why), 'revision' => $revision])->save());

        return new JsonResponse($this->told($request, $day->refresh()));
    }

    #[OA\Get(path: '/days/{day}/run-sheet.pdf', operationId: 'runSheet', parameters: [new OA\PathParameter(name: 'day', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'Run sheet, a card for each person, parts and tools of each table', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary'))),
    ])]
    public function paper(Request $request, BuildDay $day): Response
    {
        return new Response(DayPdf::of($day, $this->told($request, $day), $this->days, $this->person($request)->measure), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => sprintf('inline; filename="run-sheet-%d.pdf"', $day->id)]);
    }

    /** What is planned, where it still goes with what is written. */
    private function held(BuildDay $day): ?Schedule
    {
        try {
            return $this->days->schedule($day);
        } catch (InvalidDay) {
            return null;
        }
    }

    /**
     * @return array{units: list<array{version: int, count: int}>, people: list<array{name: string, skills: list<string>, adult: bool, from: int, to: int|null}>, tools: array<string, int>, tables: int, breaks: list<array{from: int, to: int}>}
     */
    private function ownUnits(DayRequest $request, Programme $programme): array
    {
        $written = $request->written();
        if (array_sum(array_column($written['units'], 'count')) > BuildDays::MOST_UNITS) {
            throw ValidationException::withMessages(['units' => sprintf('These are too many units for one day: %d at most.', BuildDays::MOST_UNITS)]);
        }
        foreach ($written['units'] as $number => $row) {
            $version = Version::query()->with('build.room.site')->find($row['version']);
            if ($version === null || $version->programmeId() !== $programme->id) {
                throw ValidationException::withMessages(["units.{$number}.version" => 'There is no such build in this programme.']);
            }
        }

        return $written;
    }

    /** @return array<string, mixed> */
    private function told(Request $request, BuildDay $day): array
    {
        $role = $this->person($request)->mayIn($day->programme_id);

        return DayData::of($day, $this->days, $this->held($day), $role?->mayBuild() ?? false, $role?->mayOrganise() ?? false);
    }
}
