<?php

namespace App\Http\Shared;

use App\Models\Person;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use LogicException;
use OpenApi\Attributes as OA;

#[OA\Info(version: '1', title: 'Jornel')]
#[OA\Server(url: '/api/v1')]
abstract class Controller
{
    /** How long a device may stay signed in, minutes: thirty days. */
    private const REMEMBERED = 30 * 24 * 60;

    /** The guard that keeps a session; the default one differs once a request is signed in. */
    protected function guard(): SessionGuard
    {
        $guard = Auth::guard('web');

        return $guard instanceof SessionGuard ? $guard->setRememberDuration(self::REMEMBERED) : throw new LogicException('The web guard keeps a session.');
    }

    protected function person(Request $request): Person
    {
        $person = $request->user();

        return $person instanceof Person ? $person : abort(401);
    }
}
