<?php

namespace App\Http\Session;

use App\Actions\BeginProgramme;
use App\Http\Shared\Controller;
use App\Models\Person;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

class BeginningController extends Controller
{
    #[OA\Get(path: '/beginning', operationId: 'beginning', responses: [
        new OA\Response(response: 200, description: 'Ways in', content: new OA\JsonContent(ref: BeginningData::class)),
    ])]
    public function show(): JsonResponse
    {
        $isEmpty = Person::query()->doesntExist();

        return new JsonResponse(new BeginningData($isEmpty, $this->demo() !== null, $isEmpty || config()->boolean('jornel.registration'), config('mail.default') !== 'log'));
    }

    #[OA\Post(path: '/beginning', operationId: 'begin', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: BeginningRequest::class)), responses: [
        new OA\Response(response: 201, description: 'A programme with its organiser, who is signed in', content: new OA\JsonContent(ref: PersonData::class)),
        new OA\Response(response: 403, description: 'Registration is closed'),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 429, description: 'Too many tries'),
    ])]
    public function store(BeginningRequest $request, BeginProgramme $begin): JsonResponse
    {
        $person = new Person($request->person());
        $begin($person, $request->string('programme')->trim()->toString());
        $this->guard()->login($person->refresh());

        return new JsonResponse(PersonData::of($person), 201);
    }

    #[OA\Post(path: '/demo', operationId: 'lookRound', responses: [
        new OA\Response(response: 200, description: 'Signed in as the demo’s organiser', content: new OA\JsonContent(ref: PersonData::class)),
        new OA\Response(response: 404, description: 'There is no demo here'),
    ])]
    public function lookRound(): JsonResponse
    {
        $person = $this->demo() ?? abort(404, 'There is no demo here.');
        $this->guard()->login($person);

        return new JsonResponse(PersonData::of($person));
    }

    private function demo(): ?Person
    {
        return config()->boolean('jornel.demo') ? Person::query()->where('email', config()->string('jornel.demo_person'))->first() : null;
    }
}
