<?php

namespace App\Http\Programme;

use App\Actions\Members;
use App\Actions\Passwords;
use App\Actions\Remember;
use App\Http\Shared\Controller;
use App\Models\Invitation;
use App\Models\Person;
use App\Models\Programme;
use App\Notifications\InvitationLink;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Notification;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

class PeopleController extends Controller
{
    public function __construct(private readonly Members $members)
    {
    }

    #[OA\Get(path: '/programmes/{programme}/people', operationId: 'people', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'Who belongs to it, and what each role may do', content: new OA\JsonContent(ref: PeopleData::class)),
    ])]
    public function index(Request $request, Programme $programme): JsonResponse
    {
        return new JsonResponse($this->data($request, $programme));
    }

    #[OA\Patch(path: '/programmes/{programme}/people/{person}', operationId: 'changeRole', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'person', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: RoleRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Changed', content: new OA\JsonContent(ref: PeopleData::class)),
        new OA\Response(response: 422, description: 'The last organiser stays one', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function update(RoleRequest $request, Programme $programme, Person $person): JsonResponse
    {
        $this->members->change($programme, $this->member($programme, $person), $request->role());
        Remember::that('role_changed', $programme->id, null, ['name' => $person->name, 'role' => $request->role()->label()]);

        return new JsonResponse($this->data($request, $programme));
    }

    #[OA\Delete(path: '/programmes/{programme}/people/{person}', operationId: 'removePerson', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'person', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'Removed; anybody may remove themselves'),
        new OA\Response(response: 422, description: 'The last organiser cannot leave', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function destroy(Request $request, Programme $programme, Person $person): Response
    {
        if (! $person->is($this->person($request))) {
            Gate::authorize('organise', $programme);
        }
        $this->members->remove($programme, $this->member($programme, $person));
        Remember::that($person->is($this->person($request)) ? 'person_left' : 'person_removed', $programme->id, null, ['name' => $person->name]);

        return new Response(status: 204);
    }

    #[OA\Post(path: '/programmes/{programme}/people/{person}/hand-over', operationId: 'handOver', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'person', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'That person is an organiser now, and whoever asked a builder'),
        new OA\Response(response: 422, description: 'Nobody hands over to themselves', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function handOver(Request $request, Programme $programme, Person $person): Response
    {
        $to = $this->member($programme, $person);
        if ($to->is($this->person($request))) {
            throw ValidationException::withMessages(['person' => 'Choose somebody else to hand over to.']);
        }
        $this->members->handOver($programme, $this->person($request), $to);
        Remember::that('handed_over', $programme->id, null, ['name' => $to->name]);

        return new Response(status: 204);
    }

    #[OA\Post(path: '/programmes/{programme}/people/{person}/password-link', operationId: 'passwordLink', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'person', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 201, description: 'A link with which that person sets another password, once', content: new OA\JsonContent(ref: PasswordLinkData::class)),
        new OA\Response(response: 422, description: 'They belong to another programme as well', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function passwordLink(Programme $programme, Person $person, Passwords $passwords): JsonResponse
    {
        $member = $this->member($programme, $person);
        if (! $passwords->mayBeHelped($member, $programme)) {
            throw ValidationException::withMessages(['person' => "{$member->name} belongs to another programme as well. Only they themselves can set another password, by mail."]);
        }

        Remember::that('password_link_made', $programme->id, null, ['name' => $member->name]);

        return new JsonResponse(PasswordLinkData::of($passwords->link($member)), 201);
    }

    #[OA\Post(path: '/programmes/{programme}/invitations', operationId: 'invite', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: InviteRequest::class)), responses: [
        new OA\Response(response: 201, description: 'A link that one person can use once', content: new OA\JsonContent(ref: InvitationLinkData::class)),
    ])]
    public function invite(InviteRequest $request, Programme $programme): JsonResponse
    {
        [$invitation, $token] = $this->members->invite($programme, $this->person($request), $request->role());
        $made = InvitationLinkData::of($invitation, $token);
        Remember::that('person_invited', $programme->id, null, ['role' => $invitation->role->label()]);
        if ($request->filled('email')) {
            Notification::route('mail', $request->string('email')->toString())->notify(new InvitationLink($invitation, config()->string('app.url').$made->path));
        }

        return new JsonResponse($made, 201);
    }

    #[OA\Delete(path: '/invitations/{invitation}', operationId: 'withdraw', parameters: [new OA\PathParameter(name: 'invitation', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'The link can no longer be used'),
    ])]
    public function withdraw(Invitation $invitation): Response
    {
        $invitation->delete();
        Remember::that('invitation_withdrawn', $invitation->programme_id);

        return new Response(status: 204);
    }

    private function data(Request $request, Programme $programme): PeopleData
    {
        $person = $this->person($request);

        return PeopleData::of($programme, $person, $person->can('organise', $programme));
    }

    private function member(Programme $programme, Person $person): Person
    {
        return $programme->people()->whereKey($person->id)->firstOrFail();
    }
}
