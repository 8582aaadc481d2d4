@props(['drops', 'current' => null])
<ol class="stitch-line" aria-label="{{ __('drops.line') }}">
    {{-- Each mark is drawn once for the line. --}}
    @php($marks = [])
    @foreach ($drops as $drop)
        <li @class(['stitch', 'is-current' => $current === $drop->number])>
            @if ($drop->url)
                <a href="{{ $drop->url }}" @if ($current === $drop->number) aria-current="true" @endif>
                    {!! $marks[$drop->state->value] ??= view('components.drop', ['state' => $drop->state])->render() !!}
                    <span class="stitch-number">{{ $drop->number }}</span>
                    <span class="visually-hidden">{{ $drop->label() }}</span>
                </a>
            @else
                <span class="stitch-still">
                    {!! $marks[$drop->state->value] ??= view('components.drop', ['state' => $drop->state])->render() !!}
                    <span class="stitch-number">{{ $drop->number }}</span>
                    <span class="visually-hidden">{{ $drop->label() }}</span>
                </span>
            @endif
            <span class="stitch-day"
                aria-hidden="true">@if ($drop->opens){{ App\Presentation\Shared\When::day($drop->opens,
                    (string) $drop->zone) }}@elseif ($drop->about){{ Str::limit($drop->about, 24) }}@endif</span>
        </li>
    @endforeach
</ol>
