<?php

namespace App\Console\Commands;

use App\Actions\BeginProgramme;
use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

class OrganiserCommand extends Command
{
    protected $signature = 'jornel:organiser {email} {--name= : of a person who is not known yet} {--programme= : number of one that is there, or the name of a new one}';

    protected $description = 'Make somebody the organiser of a programme; whoever is new gets a password, which is printed once';

    public function handle(BeginProgramme $begin): int
    {
        [$email, $name, $programme] = array_map(fn (mixed $given): string => is_string($given) ? $given : '', [$this->argument('email'), $this->option('name'), $this->option('programme')]);
        $person = Person::query()->where('email', Person::normalEmail($email))->first();
        if ($person === null && ($name === '' || filter_var($email, FILTER_VALIDATE_EMAIL) === false)) {
            $this->error('Nobody has this address. Give an email address and --name to make an account.');

            return self::FAILURE;
        }
        $known = ctype_digit($programme) ? Programme::query()->find((int) $programme) : null;
        if ($programme === '' || (ctype_digit($programme) && $known === null)) {
            $this->error('Give --programme: the number of one that is there, or the name of a new one.');

            return self::FAILURE;
        }
        if ($person === null) {
            $password = Str::password(20, symbols: false);
            $person = new Person(['name' => $name, 'email' => $email, 'password' => $password]);
            $this->line("Password of {$email}, printed only here: {$password}");
        }
        if ($known === null) {
            $known = $begin($person, $programme);
        } else {
            $person->save();
            $known->people()->syncWithoutDetaching([$person->id => ['role' => Role::Organiser->value]]);
        }
        $this->line("{$person->name} organises “{$known->name}”.");

        return self::SUCCESS;
    }
}
