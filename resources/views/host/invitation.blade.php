@if ($invitation)
    <p class="join-code"><span class="visually-hidden">{{ __('people.code') }}:</span> {{ $invitation->spaced() }}</p>
    <p class="field-hint"><a href="{{ route('join.show', $invitation) }}">{{ route('join.show', $invitation) }}</a></p>
    <p class="field-hint">{{ __('people.code_hint') }}</p>
@endif
@can('run', $quiltAlong)
    <form method="post" action="{{ route('host.invitation.store', $quiltAlong) }}">@csrf<button
        class="btn btn-quiet">{{ __($invitation ? 'people.replace' : 'people.make') }}</button></form>
@endcan
