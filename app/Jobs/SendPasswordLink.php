<?php

namespace App\Jobs;

use App\Actions\Passwords;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Sends a link to set another password, behind the page: how long it takes does not tell whether there is an account. */
class SendPasswordLink implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    public function __construct(private readonly string $email)
    {
    }

    public function handle(Passwords $passwords): void
    {
        $passwords->send($this->email);
    }
}
