<?php

namespace App\Http\Session;

use App\Actions\SignIn;
use App\Http\Shared\Controller;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

class SessionController extends Controller
{
    #[OA\Post(path: '/session', operationId: 'signIn', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: SignInRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Signed in', content: new OA\JsonContent(ref: PersonData::class)),
        new OA\Response(response: 422, description: 'Not known', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 429, description: 'Too many tries'),
    ])]
    public function store(SignInRequest $request, SignIn $signIn): JsonResponse
    {
        $person = $signIn($request->string('email')->toString(), $request->string('password')->toString(), (string) $request->ip())
            ?? throw ValidationException::withMessages(['email' => 'Email or password is wrong.']);
        // Signing in makes a session of its own: whoever knew the id of the one before knows nothing.
        $this->guard()->login($person, $request->boolean('remember'));

        return new JsonResponse(PersonData::of($person));
    }

    #[OA\Get(path: '/session', operationId: 'session', responses: [
        new OA\Response(response: 200, description: 'Who is signed in', content: new OA\JsonContent(ref: PersonData::class)),
        new OA\Response(response: 401, description: 'Nobody'),
    ])]
    public function show(Request $request): JsonResponse
    {
        return new JsonResponse(PersonData::of($this->person($request)));
    }

    #[OA\Patch(path: '/session', operationId: 'setOwn', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: OwnRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Changed', content: new OA\JsonContent(ref: PersonData::class)),
    ])]
    public function update(OwnRequest $request): JsonResponse
    {
        $person = $this->person($request);
        $person->update($request->validated());

        return new JsonResponse(PersonData::of($person));
    }

    #[OA\Delete(path: '/session', operationId: 'signOut', responses: [new OA\Response(response: 204, description: 'Signed out')])]
    public function destroy(Request $request): Response
    {
        $this->guard()->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new Response(status: 204);
    }
}
