<header class="clue-head">
    <p class="eyebrow">{{ __('clues.clue', ['number' => $page->sheet->number]) }} · {{ $page->sizeName() }}</p>
    @if (isset($open))
        <h1 class="serif">{{ $page->sheet->title }}</h1>
    @else
        <h2 class="serif">{{ $page->sheet->title }}</h2>
    @endif
    @if ($page->sheet->words->kind !== Dew\Core\Words\ClueKind::Usual)
        <p class="eyebrow">{{ __('clue.'.$page->sheet->words->kind->value) }}</p>
    @endif
    <div class="intro prose">{{ $page->opening() }}</div>
    @foreach ($page->words()->notes as $note)
        <div class="message prose"><p class="note-for">{{ __('clue.note') }}</p>{{ $page->markdown($note->text) }}</div>
    @endforeach
    @foreach ($page->words()->pictures as $picture)
        <figure class="clue-picture"><img src="@if (isset($open)){{ $open->at('pictures') }}{{ $picture->picture }}@else{{
            route('host.pictures.show', [$quiltAlong, $picture->picture]) }}@endif" alt="{{ $picture->text }}" loading="lazy">
            <figcaption>{{ $picture->text }}</figcaption></figure>
    @endforeach
    @if ($page->words()->link)
        <p><a href="{{ $page->words()->link->address }}" rel="noopener noreferrer nofollow" target="_blank">{{ $page->words()->link->text
            }}</a></p>
    @endif
</header>
@if (isset($open)){{ $open->at('corrections') }}@endif

@php($tools = $page->tools())
@if (isset($open)){{ $open->at('recap') }}@elseif (isset($recap)){!! $recap !!}@endif
@if ($page->sheet->tasks !== [])
    <nav class="size-tabs" aria-label="{{ __('clue.jump') }}">
        <a class="size-tab" href="#cutting">{{ __('clue.cutting') }}</a>
        <a class="size-tab" href="#making">{{ __('clue.making') }}</a>
    </nav>
@endif
@if ($tools !== [] || $page->cautions() !== [] || $page->words()->machine !== [])
    <section class="card" aria-labelledby="tools">
        <h2 id="tools">{{ __('clue.tools') }}</h2>
        @if ($tools !== [])
            <ul class="tick-list">
                @foreach ($tools as $tool)
                    <li>{{ $tool }}</li>
                @endforeach
            </ul>
        @endif
        @if ($page->words()->machine !== [])
            <h3>{{ __('clue.machine') }}</h3>
            <div class="table-scroll" tabindex="0" role="region" aria-label="{{ __('clue.machine') }}"><table class="table machine">
                <thead><tr><th scope="col">{{ __('clue.stage') }}</th><th scope="col">{{ __('clue.needle') }}</th>
                    <th scope="col">{{ __('clue.stitch') }}</th><th scope="col">{{ __('clue.foot') }}</th>
                    <th scope="col">{{ __('clue.thread') }}</th></tr></thead>
                <tbody>@foreach ($page->words()->machine as $setting)<tr><th scope="row">{{ $setting->stage }}</th><td>{{ $setting->needle
                    ?: '–' }}</td><td>{{ $setting->stitch ?: '–' }}</td><td>{{ $setting->foot ?: '–' }}</td><td>{{ $setting->thread ?: '–'
                    }}</td></tr>@endforeach</tbody></table></div>
        @endif
        @if ($page->cautions() !== [])
            <details class="cautions">
                <summary>{{ __('cautions.title') }}</summary>
                @foreach ($page->cautions() as $caution)
                    <p>{{ $caution }}</p>
                @endforeach
            </details>
        @endif
    </section>
@endif

@if ($page->sheet->tasks !== [])
    <section aria-labelledby="cutting">
        <h2 id="cutting" class="section-title">{{ __('clue.cutting') }}</h2>
        @if (isset($open))<p><a class="btn btn-other" href="{{ $open->at('mat') }}">{{ __('mat.open') }}</a></p>@endif
        @if ($page->hasTemplates())
            @php($templates = isset($open) ? $open->at('templates') : route('host.clues.templates', [$quiltAlong, $page->sheet->number, ...$asked ?? []]))
            @php($with = isset($open) || ! str_contains($templates, '?') ? '?' : '&')
            <p>{{ __('templates.papers') }} <a href="{{ $templates.$with }}paper=letter">{{ __('templates.letter') }}</a> ·
                <a href="{{ $templates.$with }}paper=a4">{{ __('templates.a4') }}</a></p>
        @endif
        <p class="field-hint">{{ __('drawings.key') }} {{ __('cutting.square_up') }}</p>
        <div class="fabric-cards">
            @foreach ($page->fabrics() as $fabric)
                @include('clue.fabric', ['fabric' => $fabric, 'cutting' => $page->cutting($fabric->slot)])
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

@if ($page->sheet->chores !== [])
    <section aria-labelledby="chores">
        <h2 id="chores" class="section-title">{{ __('clue.chores') }}</h2>
        @foreach ($page->chores() as $chore)
            @include('clue.chore', ['chore' => $chore])
        @endforeach
    </section>
@endif
@if ($page->words()->closing !== '')
    <section class="card prose" aria-label="{{ __('clue.sewn') }}">{{ $page->markdown($page->words()->closing) }}</section>
@endif
