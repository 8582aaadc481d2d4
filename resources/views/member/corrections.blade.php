@foreach ($corrections as $correction)
    @if ($correction->read)
        <details class="card is-read-correction">
            <summary>{{ __('corrections.title', ['number' => $correction->number]) }} · {{ $correction->when }}</summary>
            @include('member.correction', ['correction' => $correction, 'inClue' => true])
        </details>
    @else
        @include('member.correction', ['correction' => $correction, 'inClue' => true])
    @endif
@endforeach
