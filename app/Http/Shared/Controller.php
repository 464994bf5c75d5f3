<?php

namespace App\Http\Shared;

use App\Models\Person;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

#[OA\Info(version: '1', title: 'Jornel')]
#[OA\Server(url: '/api/v1')]
abstract class Controller
{
    protected function person(Request $request): Person
    {
        $person = $request->user();

        return $person instanceof Person ? $person : abort(401);
    }
}
