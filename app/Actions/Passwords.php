<?php

namespace App\Actions;

use App\Models\Person;
use App\Models\Programme;
use App\Notifications\PasswordLink;
use Illuminate\Auth\Passwords\PasswordBroker;
use Illuminate\Support\Facades\Password;

/** Passwords that were forgotten: a link that works once, by mail or from an organiser; the framework's broker keeps it. */
final class Passwords
{
    /** Sends a link to whoever has this address; whether somebody has is not told. */
    public function send(string $email): void
    {
        $this->broker()->sendResetLink(['email' => Person::normalEmail($email)], function (Person $person, string $token): void {
            // By the address in the settings: the one in a request could be anybody's.
            $person->notify(new PasswordLink(config()->string('app.url').self::path($person, $token), self::minutes()));
        });
    }

    /** Whether an organiser of a programme may make a link for somebody: not for who belongs to another programme as well. */
    public function mayBeHelped(Person $person, Programme $programme): bool
    {
        return $person->programmes()->where('programmes.id', '!=', $programme->id)->doesntExist();
    }

    /** A link for somebody, told only now; one of before no longer works. */
    public function link(Person $person): string
    {
        return self::path($person, $this->broker()->createToken($person));
    }

    /** Sets another password by a link, and ends all sessions; null where the link does not work any more. */
    public function reset(string $email, string $token, string $password): ?Person
    {
        $found = null;
        $said = $this->broker()->reset(['email' => Person::normalEmail($email), 'token' => $token, 'password' => $password], function (Person $person) use ($password, &$found): void {
            $person->forceFill(['password' => $password, 'remember_token' => null])->save();
            $found = $person;
        });

        return $said === Password::PASSWORD_RESET ? $found : null;
    }

    /** Links that were made hold no longer, as when somebody comes into a further programme, which an organiser's link would open. */
    public function withdraw(Person $person): void
    {
        $this->broker()->deleteToken($person);
    }

    public static function minutes(): int
    {
        return config()->integer('auth.passwords.people.expire');
    }

    private static function path(Person $person, string $token): string
    {
        return "/password/{$token}?email=".rawurlencode($person->email);
    }

    private function broker(): PasswordBroker
    {
        $broker = Password::broker('people');

        return $broker instanceof PasswordBroker ? $broker : throw new \LogicException('Passwords have a broker.');
    }
}
