<x-layout.member :title="__('nav.member.now')" :project="$project" place="now">
    @php($current = $line->current())
    @php($next = $line->next())
    <h1 class="visually-hidden">{{ $project->quiltAlong->name }}: {{ __('nav.member.now') }}</h1>
    <x-stitch-line :drops="$line->drops" :current="$current?->number"/>
    @foreach ($corrections as $correction)
        @include('member.correction', ['correction' => $correction])
    @endforeach
    @if ($project->size_later)
        <p
            class="card">{{ __('quilt.no_size_yet') }} {{ App\Presentation\Shared\Later::text('size', $announcement->sizeNeededAt,
                $announcement) }} <a href="{{ route('member.project.edit', $project) }}">{{ __('quilt.choose_size') }}</a></p>
    @endif
    @if ($hands['isShared'])
        <section class="card do-next" aria-labelledby="my-parts">
            <p class="eyebrow">{{ __('now.shared') }}</p>
            <h2 id="my-parts" class="serif">{{ trans_choice('now.my_parts', count($hands['mine'])) }}</h2>
            @if ($hands['mine'] !== [])
                <ul class="plain-list">
                    @foreach ($hands['mine'] as $part)
                        <li><span><b>{{ $part->label }}</b>, {{ __($part->isToDecide() ? 'hands.state.measured' : 'hands.state.'.$part->state->value) }}@if ($part->state === App\Models\HandState::Out && $part->due_on),
                            {{ __('hands.until', ['date' => $part->due_on->isoFormat('LL')]) }}@endif
                            @if ($part->isOverdue())<b class="is-late">{{ __('hands.overdue') }}</b>@endif
                            @if ($part->remark)<small>{{ __('hands.said', ['words' => $part->remark]) }}</small>@endif</span></li>
                    @endforeach
                </ul>
            @endif
            <a class="btn btn-main" href="{{ route('member.hands', $project) }}">{{ $hands['mine'] !== [] ? __('now.to_parts') : __('now.take_part') }}</a>
            @if ($hands['free'] > 0)<p class="field-hint">{{ trans_choice('now.free_parts', $hands['free']) }}</p>@endif
        </section>
    @endif
    @if ($current)
        <section @class(['card', 'do-next' => ! $hands['isShared']]) aria-labelledby="do-next">
            <p class="eyebrow">{{ __($hands['isShared'] ? 'now.shared_clue' : ($current->state === App\Presentation\Shared\StitchState::Done ? 'now.all_done' : 'now.next')) }}</p>
            <h2 id="do-next" class="serif">{{ $current->title }}</h2>
            @if ($current->total && ! $hands['isShared'])
                <p>{{ __('now.progress', ['done' => $current->done, 'total' => $current->total]) }}</p>
                <progress class="counter-bar" max="{{ $current->total }}" value="{{ $current->done }}"
                    aria-label="{{ __('now.progress', ['done' => $current->done, 'total' => $current->total]) }}"></progress>
            @endif
            <a class="btn {{ $hands['isShared'] ? 'btn-other' : 'btn-main' }}"
                href="{{ $current->url }}">{{ __($hands['isShared'] ? 'now.look_at' : match ($current->state) { App\Presentation\Shared\StitchState::Waiting => 'now.begin',
                    App\Presentation\Shared\StitchState::InProgress => 'now.go_on', default => 'now.look_again' }, ['number' => $current->number]) }}</a>
        </section>
    @else
        <p class="lead">{{ __('now.nothing_open') }}</p>
    @endif
    @if ($line->isToGoOn())
    <section class="card" aria-labelledby="countdown">
        @if ($next)
            <h2 id="countdown" class="eyebrow">{{ __('now.opens_in', ['number' => $next->number]) }}</h2>
            <div class="countdown" data-opens="{{ $next->opens->getTimestampMs() }}"
                data-now="{{ now()->getTimestampMs() }}" aria-hidden="true">
                <span><b data-part="days">–</b> {{ __('now.days') }}</span>
                <span><b data-part="hours">–</b> {{ __('now.hours') }}</span>
                <span><b data-part="minutes">–</b> {{ __('now.minutes') }}</span>
                <span><b data-part="seconds">–</b> {{ __('now.seconds') }}</span>
            </div>
            <p>{{ __('now.opens_at', ['when' => $next->when()]) }}</p>
        @elseif ($rough = $line->roughlyNext())
            <h2 id="countdown" class="eyebrow">{{ __('now.opens_about', ['number' => $rough->number]) }}</h2>
            <p class="big-title serif">{{ $rough->about }}</p>
        @else
            <h2 id="countdown" class="eyebrow">{{ __('now.no_next') }}</h2>
        @endif
    </section>
    @endif
    @include('member.prepare', ['prepare' => $announcement->prepare, 'open' => $current === null,
        'notation' => $project->notation])
    <details class="card drop-key">
        <summary>{{ __('drops.key') }}</summary>
        <ul class="plain-list">
            @foreach (App\Presentation\Shared\StitchState::cases() as $state)
                <li><x-drop :state="$state"/> {{ $state->label() }}</li>
            @endforeach
        </ul>
    </details>
</x-layout.member>
