<?php

namespace App\Notifications;

use App\Models\Invitation;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** An invitation to a programme, by mail. */
class InvitationLink extends Notification implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    /** @param  string  $address  of the page that the link opens */
    public function __construct(private readonly Invitation $invitation, private readonly string $address)
    {
    }

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(): MailMessage
    {
        $invitation = $this->invitation->load(['programme', 'inviter']);

        return (new MailMessage)->subject("{$invitation->inviter->name} invites you to {$invitation->programme->name}")->text('mail.invitation', ['invitation' => $invitation, 'address' => $this->address]);
    }
}
