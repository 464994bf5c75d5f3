<?php

namespace App\Http\Session;

use App\Actions\Members;
use App\Http\Shared\Controller;
use App\Models\Invitation;
use App\Models\Person;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Coming in by a link. */
class InvitationController extends Controller
{
    private const GONE = 'This link was used already, withdrawn, or is too old. Ask an organiser for another.';

    #[OA\Get(path: '/entrances/{token}', operationId: 'invitation', parameters: [new OA\PathParameter(name: 'token', schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 200, description: 'What it invites to', content: new OA\JsonContent(ref: InvitationData::class)),
        new OA\Response(response: 404, description: 'It cannot be used any more'),
    ])]
    public function show(string $token): JsonResponse
    {
        return new JsonResponse(InvitationData::of($this->invitation($token)));
    }

    #[OA\Post(path: '/entrances/{token}', operationId: 'accept', parameters: [new OA\PathParameter(name: 'token', schema: new OA\Schema(type: 'string'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: InvitationRequest::class)), responses: [
        new OA\Response(response: 200, description: 'In, and signed in', content: new OA\JsonContent(ref: PersonData::class)),
        new OA\Response(response: 404, description: 'It cannot be used any more'),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(InvitationRequest $request, string $token, Members $members): JsonResponse
    {
        $invitation = $this->invitation($token);
        $person = $this->guard()->user() ?? new Person(['name' => $request->string('name')->trim()->toString(), 'email' => $request->string('email')->toString(), 'password' => $request->string('password')->toString()]);
        if (! $person instanceof Person || ! $members->accept($invitation, $person)) {
            abort(404, self::GONE);
        }
        $this->guard()->login($person->refresh());

        return new JsonResponse(PersonData::of($person));
    }

    private function invitation(string $token): Invitation
    {
        return Invitation::open($token) ?? abort(404, self::GONE);
    }
}
