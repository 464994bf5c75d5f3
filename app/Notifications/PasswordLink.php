<?php

namespace App\Notifications;

use App\Models\Person;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** A link with which somebody who forgot their password sets another, once. */
class PasswordLink extends Notification implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    /** @param  string  $address  of the page that the link opens */
    public function __construct(private readonly string $address, private readonly int $minutes)
    {
    }

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(Person $person): MailMessage
    {
        return (new MailMessage)->subject('Set a new password')->text('mail.password', ['name' => $person->name, 'address' => $this->address, 'minutes' => $this->minutes]);
    }
}
