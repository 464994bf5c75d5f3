<?php

namespace App\Http\Guide;

use App\Models\Unit;
use App\Sheet\UnitFacts;
use Illuminate\Http\Response;

/** The page that the code on a unit leads to: for everybody, as far as an organiser allows. */
final class UnitPageController
{
    public function __invoke(string $token): Response
    {
        $unit = Unit::query()->with('version.build.room.site.programme.parts')->where('token', $token)->where('is_open', true)->first();
        $facts = $unit === null ? [] : UnitFacts::of($unit, $unit->version->measure());

        return new Response(view('unit', ['unit' => $unit] + $facts)->render(), $unit === null ? 404 : 200);
    }
}
