{{ $name }},

somebody, most likely you, asked for a new password for your account with Eskith. Set it here within {{ $minutes }} minutes:

{!! $address !!}

If it was not you, do nothing: your password stays as it is.
