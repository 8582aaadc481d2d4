<header class="clue-head">
    <p class="eyebrow">{{ __('clues.clue', ['number' => $page->sheet->number]) }} · {{ $page->sizeName() }}</p>
    @if (isset($open))
        <h1 class="serif">{{ $page->sheet->title }}</h1>
    @else
        <h2 class="serif">{{ $page->sheet->title }}</h2>
    @endif
    @foreach ($page->paragraphs() as $paragraph)
        <p class="intro">{{ $paragraph }}</p>
    @endforeach
</header>
@if (isset($open)){{ $open->at('corrections') }}@endif

@if ($page->sheet->tasks !== [])
    <nav class="size-tabs" aria-label="{{ __('clue.jump') }}">
        <a class="size-tab" href="#cutting">{{ __('clue.cutting') }}</a>
        <a class="size-tab" href="#making">{{ __('clue.making') }}</a>
    </nav>
    <section class="card" aria-labelledby="tools">
        <h2 id="tools">{{ __('clue.tools') }}</h2>
        <ul class="tick-list">
            @foreach ($page->tools() as $tool)
                <li>{{ $tool }}</li>
            @endforeach
        </ul>
        <details class="cautions">
            <summary>{{ __('cautions.title') }}</summary>
            @foreach ($page->cautions() as $caution)
                <p>{{ $caution }}</p>
            @endforeach
        </details>
    </section>

    <section aria-labelledby="cutting">
        <h2 id="cutting" class="section-title">{{ __('clue.cutting') }}</h2>
        <p class="field-hint">{{ __('drawings.key') }}</p>
        <div class="fabric-cards">
            @foreach ($page->fabrics() as $fabric)
                @include('clue.fabric', ['fabric' => $fabric])
            @endforeach
            @if ($page->parts() !== [])
                <section class="card fabric">
                    <h3 class="fabric-head">{{ __('cutting.parts') }}</h3>
                    @foreach ($page->parts() as $line)
                        @include('clue.cut-line', ['line' => $line])
                    @endforeach
                </section>
            @endif
            @if ($page->segments() !== [])
                <section class="card fabric">
                    <h3 class="fabric-head">{{ __('cutting.segments') }}</h3>
                    @foreach ($page->segments() as $line)
                        @include('clue.cut-line', ['line' => $line])
                    @endforeach
                </section>
            @endif
        </div>
    </section>

    <section aria-labelledby="making">
        <h2 id="making" class="section-title">{{ __('clue.making') }}</h2>
        <p>{{ __('tasks.make_one') }}</p>
        @foreach ($page->tasks() as $task)
            @include('clue.task', ['task' => $task])
        @endforeach
    </section>
@endif
