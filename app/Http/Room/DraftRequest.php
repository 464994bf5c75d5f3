<?php

namespace App\Http\Room;

use App\Http\Shared\StrictRequest;
use Closure;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(schema: 'DraftRequest', required: ['work'], properties: [
    new OA\Property(property: 'work', type: 'string', description: 'JSON of an object, as the screen keeps it'),
])]
class DraftRequest extends StrictRequest
{
    /** Of what the screen keeps, bytes. */
    private const MOST = 200_000;

    /** How deep it may be nested: the records keep no more. */
    private const DEEPEST = 30;

    public function rules(): array
    {
        return ['work' => ['required', 'string', 'json', 'max:'.self::MOST, function (string $field, mixed $work, Closure $fault): void {
            if (! json_decode(is_string($work) ? $work : '', false, self::DEEPEST) instanceof stdClass) {
                $fault('This is no object, or it is nested too deep.');
            }
        }]];
    }

    public function work(): stdClass
    {
        $work = json_decode($this->string('work')->toString());

        return $work instanceof stdClass ? $work : new stdClass;
    }
}
