<?php

namespace App\Http\Programme;

use App\Models\Invitation;
use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use Illuminate\Support\Carbon;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'People', description: 'Who belongs to a programme, and who is invited')]
final readonly class PeopleData
{
    /**
     * @param  list<array{id: int, name: string, email: string, role: string, is_you: bool}>  $people
     * @param  list<array{id: int, role: string, by: string, expires: string}>  $invitations
     * @param  list<array{role: string, name: string, rights: string}>  $roles
     */
    private function __construct(
        #[OA\Property(items: new OA\Items(type: 'object', required: ['id', 'name', 'email', 'role', 'is_you'], properties: [
            new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'email', type: 'string', description: 'To organisers; else empty'),
            new OA\Property(property: 'role', type: 'string', enum: ['organiser', 'builder', 'reader']), new OA\Property(property: 'is_you', type: 'boolean'),
        ]))] public array $people,
        #[OA\Property(description: 'That can still be used; to organisers', items: new OA\Items(type: 'object', required: ['id', 'role', 'by', 'expires'], properties: [
            new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'role', type: 'string', enum: ['organiser', 'builder', 'reader']),
            new OA\Property(property: 'by', type: 'string'), new OA\Property(property: 'expires', type: 'string', format: 'date-time'),
        ]))] public array $invitations,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['role', 'name', 'rights'], properties: [
            new OA\Property(property: 'role', type: 'string', enum: ['organiser', 'builder', 'reader']), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'rights', type: 'string'),
        ]))] public array $roles,
    ) {
    }

    public static function of(Programme $programme, Person $asking, bool $mayOrganise): self
    {
        $roles = $programme->people()->pluck('role', 'people.id');

        return new self(
            array_values($programme->people->sortBy('name')->map(fn (Person $person): array => [
                'id' => $person->id, 'name' => $person->name, 'email' => $mayOrganise ? $person->email : '', 'role' => (string) $roles[$person->id], 'is_you' => $person->is($asking),
            ])->all()),
            $mayOrganise ? array_values($programme->invitations()->with('inviter')->where('expires_at', '>', Carbon::now())->get()->map(fn (Invitation $one): array => [
                'id' => $one->id, 'role' => $one->role->value, 'by' => $one->inviter->name, 'expires' => $one->expires_at->toIso8601String(),
            ])->all()) : [],
            array_map(fn (Role $role): array => ['role' => $role->value, 'name' => $role->label(), 'rights' => $role->rights()], Role::cases()),
        );
    }
}
