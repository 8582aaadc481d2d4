{{-- What members read and collect before the first clue. --}}
@unless ($prepare->isEmpty())
    <details class="card prepare" @if ($open) open @endif>
        <summary>{{ __('now.prepare') }}</summary>
        <div class="prose">{{ App\Support\Markdown::html($prepare->text) }}</div>
        @if ($prepare->tools !== [])
            <ul class="tick-list">
                @foreach ($prepare->tools as $tool)
                    <li>{{ $tool->atLeast === null ? $tool->name : __('tools.at_least', ['tool' => $tool->name, 'length' =>
                        App\Wording\Figure::text(Dew\Core\Measure\Measurement::up($tool->atLeast), $notation ??
                        app(App\Support\Words::class)->notation())]) }}</li>
                @endforeach
            </ul>
        @endif
    </details>
@endunless
