<?php

namespace App\Http\Session;

use App\Http\Shared\Controller;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** What a person changes of themselves. Every session holds a mark of the password, and ends when that is another. */
class AccountController extends Controller
{
    #[OA\Put(path: '/account', operationId: 'changeAccount', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: AccountChangeRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Changed', content: new OA\JsonContent(ref: PersonData::class)),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function update(AccountChangeRequest $request): JsonResponse
    {
        $person = $this->person($request);
        $person->fill(['name' => $request->string('name')->trim()->toString(), 'email' => $request->string('email')->toString()]);
        if ($request->filled('password')) {
            $person->forceFill(['password' => $request->string('password')->toString(), 'remember_token' => null]);
        }
        $person->save();

        return new JsonResponse(PersonData::of($person));
    }

    #[OA\Delete(path: '/account/sessions', operationId: 'signOutEverywhere', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: CurrentPasswordRequest::class)), responses: [
        new OA\Response(response: 204, description: 'Signed out everywhere else'),
        new OA\Response(response: 422, description: 'The password is wrong', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function signOutEverywhere(CurrentPasswordRequest $request): Response
    {
        $this->guard()->logoutOtherDevices($request->string('current_password')->toString());
        $this->person($request)->forceFill(['remember_token' => null])->save();

        return new Response(status: 204);
    }
}
