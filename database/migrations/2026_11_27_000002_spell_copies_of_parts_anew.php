<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Copies of fans that versions keep name what they can by keys; arrays with fans on their ends had them on both. */
return new class extends Migration
{
    private const KNOB = [
        'knob on front' => 'front', 'knob on top' => 'top', 'knob at the back' => 'back', 'switch on a lead' => 'lead', 'speed knob on a lead' => 'lead',
        'buttons and remote' => 'front', 'supply voltage' => 'lead', 'none' => 'none',
    ];

    private const ROTOR = ['press fit, plastic' => 'press-fit', 'factory fitted' => 'factory-fitted', 'threaded nut, plastic' => 'threaded-nut', 'set screw, metal' => 'set-screw'];

    private const RATING = ['none stated' => 'none-stated', 'V-0 stated' => 'v-0', 'V-2 stated' => 'v-2', 'metal' => 'metal'];

    private const SHROUD = ['none' => 'none', 'ring in line with the blades' => 'ring', 'plate in front' => 'plate'];

    private const SHAFT = ['lying' => 'horizontal', 'standing' => 'vertical', 'tilted' => 'tilted'];

    public function up(): void
    {
        foreach (DB::table('versions')->get(['id', 'choices', 'parts']) as $version) {
            $parts = array_map(fn (array $part): array => ($part['kind'] ?? '') === 'fan' ? ['data' => self::fan($part['data'])] + $part : $part, json_decode((string) $version->parts, true, flags: JSON_THROW_ON_ERROR));
            DB::table('versions')->where('id', $version->id)->update([
                'choices' => json_encode(self::arrays(json_decode((string) $version->choices, flags: JSON_THROW_ON_ERROR)), JSON_THROW_ON_ERROR),
                'parts' => json_encode($parts, JSON_THROW_ON_ERROR),
            ]);
        }
        foreach (DB::table('drafts')->get(['id', 'work']) as $draft) {
            DB::table('drafts')->where('id', $draft->id)->update(['work' => json_encode(self::arrays(json_decode((string) $draft->work, flags: JSON_THROW_ON_ERROR)), JSON_THROW_ON_ERROR)]);
        }
    }

    /**
     * @param  array<string, mixed>  $fan
     * @return array<string, mixed>
     */
    private static function fan(array $fan): array
    {
        $controls = $fan['controls'] ?? null;
        $spelled = [
            'knob' => is_string($controls) ? self::KNOB[$controls] ?? 'none' : $fan['knob'] ?? null,
            'rear_grille' => $fan['rear_grille'] ?? (isset($fan['guard']) ? $fan['guard'] === 'plastic grille both sides' : null),
            'rotor' => self::ROTOR[$fan['rotor'] ?? ''] ?? $fan['rotor'] ?? null,
            'plastic_fire_rating' => self::RATING[$fan['plastic_fire_rating'] ?? ''] ?? $fan['plastic_fire_rating'] ?? null,
            'built_in_shroud' => self::SHROUD[$fan['built_in_shroud'] ?? ''] ?? $fan['built_in_shroud'] ?? null,
            'shaft' => is_array($fan['shaft'] ?? null) ? array_map(fn (string $one): string => self::SHAFT[$one] ?? $one, $fan['shaft']) : null,
        ];
        unset($fan['controls']);

        return array_filter($spelled, fn (mixed $value): bool => $value !== null) + $fan;
    }

    /** Walks through all of it: choices stand in several places of a draft. */
    private static function arrays(mixed $work): mixed
    {
        if (is_array($work)) {
            return array_map(self::arrays(...), $work);
        }
        if (! $work instanceof stdClass) {
            return $work;
        }
        if (($work->shape ?? null) === 'array-box' && ($work->options ?? null) instanceof stdClass && (int) ($work->options->{'fans-ends'} ?? 0) > 0) {
            $work->options->ends ??= 'both';
        }
        foreach (get_object_vars($work) as $key => $value) {
            $work->{$key} = self::arrays($value);
        }

        return $work;
    }
};
