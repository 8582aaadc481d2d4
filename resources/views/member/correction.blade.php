{{-- One correction: what was wrong, what to do, what changed. On the page of its clue it does not name the clue again. --}}
<section class="card correction" aria-labelledby="correction-{{ $correction->id }}">
    <h2 id="correction-{{ $correction->id }}">{{ isset($inClue) ? __('corrections.title', ['number' => $correction->number])
        : __('corrections.of_title', ['number' => $correction->number, 'title' => $correction->title]) }}</h2>
    <p class="correction-words">{{ $correction->words }}</p>
    @if ($correction->advice !== [])
        <h3>{{ __('corrections.to_do') }}</h3>
        <ul class="tick-list">
            @foreach ($correction->advice as $sentence)
                <li>{{ $sentence }}</li>
            @endforeach
        </ul>
    @endif
    @if ($correction->changes !== [])
        <details>
            <summary>{{ __('corrections.what') }}</summary>
            <ul class="plain-list">
                @foreach ($correction->changes as $sentence)
                    <li>{{ $sentence }}</li>
                @endforeach
            </ul>
        </details>
    @endif
    <div class="actions">
        @unless (isset($inClue))
            <a class="btn btn-other" href="{{ route('member.clues.show', [$project, $correction->number]) }}">{{ __('corrections.open') }}</a>
        @endunless
        @if ($correction->read)
            <span class="field-hint">{{ __('corrections.read') }} · {{ __('corrections.when', ['when' => $correction->when]) }}</span>
        @else
            <form method="post" action="{{ route('member.corrections.update', [$project, $correction->id]) }}">
                <input type="hidden" name="_token" value="{{ csrf_token() }}">
                @method('put')
                <button class="btn btn-other">{{ __('corrections.mark_read') }}</button>
            </form>
        @endif
    </div>
</section>
