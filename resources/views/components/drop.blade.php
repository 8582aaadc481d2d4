@props(['state'])
<svg class="drop is-{{ $state->value }}" viewBox="0 0 28 32" width="28" height="32" aria-hidden="true">
    @if ($state === App\Presentation\Shared\StitchState::Waiting)
        <circle class="drop-ring" cx="14" cy="17.5" r="12.5"/>
        <path class="drop-edge" d="M14 8c3 4.2 5 6.6 5 9.5a5 5 0 0 1-10 0c0-2.9 2-5.3 5-9.5z"/>
    @else
        @if ($state === App\Presentation\Shared\StitchState::Done)
            <path class="drop-fill" d="M14 3c5 7 9 11 9 16a9 9 0 0 1-18 0c0-5 4-9 9-16z"/>
        @elseif ($state === App\Presentation\Shared\StitchState::InProgress)
            <path class="drop-fill" d="M5.1 17.5h17.8A9 9 0 0 1 23 19a9 9 0 0 1-18 0 9 9 0 0 1 .1-1.5z"/>
        @endif
        <path class="drop-edge" d="M14 3c5 7 9 11 9 16a9 9 0 0 1-18 0c0-5 4-9 9-16z"/>
    @endif
</svg>
