Hello {!! $name !!},

somebody, probably you, asked for a new password for your account. Set it here within {{ $minutes }} minutes; the link works once:

{!! $address !!}

If it was not you, do nothing: the password you have stays.
