<?php

namespace App\Http\Guide;

use App\Http\Shared\StrictRequest;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PhotoRequest', required: ['key', 'photo'], properties: [
    new OA\Property(property: 'key', type: 'string', description: 'Of the phone’s own: what is sent twice is kept once'), new OA\Property(property: 'photo', type: 'string', description: 'JPEG, PNG or WebP, base64'),
])]
class PhotoRequest extends StrictRequest
{
    /** Letters that it is written with. */
    private const MOST = 950_000;

    /** Longest side that is kept, and the longest that is read, pixels. */
    private const SIDE = 1600;

    private const READ = 6000;

    public function rules(): array
    {
        return ['key' => ['required', 'string', 'regex:/^[A-Za-z0-9_-]{8,64}$/D'], 'photo' => ['required', 'string', 'max:'.self::MOST]];
    }

    /** Drawn anew, so that nothing comes with it that is no picture: no place, no name of a phone. */
    public function jpeg(): string
    {
        $bytes = base64_decode($this->string('photo')->toString(), true);
        $size = $bytes === false ? false : @getimagesizefromstring($bytes);
        $image = $size === false || max($size[0], $size[1]) > self::READ || min($size[0], $size[1]) < 1 ? false : @imagecreatefromstring((string) $bytes);
        if ($image === false) {
            throw ValidationException::withMessages(['photo' => 'This is no photo that can be read: JPEG, PNG or WebP, 6,000 pixels at the most.']);
        }
        $scale = min(1.0, self::SIDE / max(imagesx($image), imagesy($image)));
        $small = imagescale($image, max(1, (int) round($scale * imagesx($image))), max(1, (int) round($scale * imagesy($image))));
        ob_start();
        imagejpeg($small === false ? $image : $small, null, 80);

        return (string) ob_get_clean();
    }
}
