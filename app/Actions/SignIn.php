<?php

namespace App\Actions;

use App\Exceptions\TooManyTries;
use App\Models\Person;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;

/**
 * Finds out who signs in. Tries are counted before the password is looked at, so that many at once are counted too, and those
 * that succeed are taken off again; a password is checked for an address that nobody has as well, so that both take as long.
 */
final class SignIn
{
    /** Failed tries a minute for one person’s address. */
    public const FOR_AN_ACCOUNT = 5;

    /** Failed tries a minute from one machine. */
    public const FROM_A_MACHINE = 30;

    private const MINUTE = 60;

    /** @throws TooManyTries */
    public function __invoke(string $email, string $password, string $machine): ?Person
    {
        $email = Person::normalEmail($email);
        $tries = ['sign-in:account:'.hash('sha256', $email) => self::FOR_AN_ACCOUNT, 'sign-in:machine:'.$machine => self::FROM_A_MACHINE];
        foreach ($tries as $key => $most) {
            if (RateLimiter::hit($key, self::MINUTE) > $most) {
                throw new TooManyTries(RateLimiter::availableIn($key));
            }
        }
        $person = Person::query()->where('email', $email)->first();
        if (! Hash::check($password, $person?->getAuthPassword() ?? self::nobodysPassword()) || $person === null) {
            return null;
        }
        foreach (array_keys($tries) as $key) {
            RateLimiter::decrement($key, self::MINUTE);
        }
        if (Hash::needsRehash($person->getAuthPassword())) {
            $person->update(['password' => $password]);
        }

        return $person;
    }

    /** Of nobody, as dear to check as anybody’s. */
    private static function nobodysPassword(): string
    {
        return cache()->rememberForever('sign-in:nobody', fn (): string => Hash::make(bin2hex(random_bytes(16))));
    }
}
