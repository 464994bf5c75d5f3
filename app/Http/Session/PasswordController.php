<?php

namespace App\Http\Session;

use App\Actions\Passwords;
use App\Http\Shared\Controller;
use App\Jobs\SendPasswordLink;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** A password that was forgotten. */
class PasswordController extends Controller
{
    private const GONE = 'This link was used already, or is too old. Ask for another.';

    #[OA\Post(path: '/passwords', operationId: 'forgotPassword', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: ForgottenRequest::class)), responses: [
        new OA\Response(response: 202, description: 'A link is on its way if there is such an account'),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(ForgottenRequest $request): Response
    {
        SendPasswordLink::dispatch($request->string('email')->toString());

        return new Response(status: 202);
    }

    #[OA\Put(path: '/passwords/{token}', operationId: 'setPassword', parameters: [new OA\PathParameter(name: 'token', schema: new OA\Schema(type: 'string'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: NewPasswordRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Set, and signed in; every other session has ended', content: new OA\JsonContent(ref: PersonData::class)),
        new OA\Response(response: 404, description: 'The link cannot be used any more'),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function update(NewPasswordRequest $request, string $token, Passwords $passwords): JsonResponse
    {
        $person = $passwords->reset($request->string('email')->toString(), $token, $request->string('password')->toString()) ?? abort(404, self::GONE);
        $this->guard()->login($person);

        return new JsonResponse(PersonData::of($person));
    }
}
