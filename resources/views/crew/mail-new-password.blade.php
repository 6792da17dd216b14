{{ __('crew/people.mail-says') }}

{{ $link }}

{{ __('crew/people.mail-ends', ['minutes' => $minutes]) }}
