{!! $invitation->inviter->name !!} invites you to the programme “{!! $invitation->programme->name !!}” as {{ $invitation->role->label() }}.

{{ $invitation->role->rights() }}

Come in here by {{ $invitation->expires_at->format('j F') }}; the link works once, for one person:

{!! $address !!}
