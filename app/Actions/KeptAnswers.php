<?php

namespace App\Actions;

use Illuminate\Support\Facades\Cache;

/** Answers that take long, kept by all that they rest on: the same question has the same key as long as nothing has changed. */
final readonly class KeptAnswers
{
    private const DAYS = 7;

    /** @param  mixed  ...$basis  all that the answer follows from besides the rules and reference figures */
    public static function key(string $kind, mixed ...$basis): string
    {
        return "{$kind} ".hash('xxh128', serialize([config()->string('jornel.figures'), ...$basis]));
    }

    public function get(string $key): ?string
    {
        $kept = Cache::get($key);

        return is_string($kept) ? (string) gzuncompress((string) base64_decode($kept, true)) : null;
    }

    public function keep(string $key, string $answer): string
    {
        Cache::put($key, base64_encode((string) gzcompress($answer, 1)), now()->addDays(self::DAYS));

        return $answer;
    }
}
