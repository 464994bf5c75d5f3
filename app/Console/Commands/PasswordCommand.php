<?php

namespace App\Console\Commands;

use App\Models\Person;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

class PasswordCommand extends Command
{
    protected $signature = 'jornel:password {email}';

    protected $description = 'Give somebody a new password, which is printed once, and end all their sessions';

    public function handle(): int
    {
        $email = $this->argument('email');
        $person = Person::query()->where('email', Person::normalEmail(is_string($email) ? $email : ''))->first();
        if ($person === null) {
            $this->error('Nobody has this address.');

            return self::FAILURE;
        }
        $password = Str::password(20, symbols: false);
        $person->forceFill(['password' => $password, 'remember_token' => null])->save();
        $this->line("Password of {$person->email}, printed only here: {$password}");

        return self::SUCCESS;
    }
}
