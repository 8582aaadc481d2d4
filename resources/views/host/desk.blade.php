<x-layout.host :title="__('desk.title')" :quilt-along="$quiltAlong" place="desk">
    @php($next = $board->next())
    <p class="lead">{{ $quiltAlong->host_name }} · {{ trans_choice('desk.quilts', $board->projects) }}</p>
    <x-stitch-line
        :drops="array_map(fn ($row) => new App\Presentation\Shared\StitchClue($row->clue->number,
            App\Presentation\Shared\StitchState::of($row->clue->isReleased(), $row->hasWork(), $row->begun > 0 ? $row->finished : null, max(1,
            $board->projects)), $row->clue->title, $row->clue->release_at, $row->zone, url: route('host.clues.show', [$quiltAlong, $row->clue->number]),
            about: $row->clue->release_at === null ? $row->clue->about : null), $board->rows)"/>
    <div class="pair">
        <section class="card" aria-labelledby="due">
            <h2 id="due" class="eyebrow">{{ __('desk.due') }}</h2>
            @if ($next)
                <p class="big-title"><span class="serif">{{ $next->clue->title }}</span></p>
                <p>{{ __('clues.clue', ['number' => $next->clue->number]) }} · {{ __('clues.opens') }}: {{ $next->when() }}</p>
                <p class="actions">
                    <a class="btn btn-main"
                        href="{{ route('host.clues.index', $quiltAlong) }}#clue-{{ $next->clue->number }}">{{ __($next->clue->release_at
                            ? 'desk.change_date' : 'desk.set_date') }}</a>
                    <a class="btn btn-other"
                        href="{{ route('host.clues.show', [$quiltAlong, $next->clue->number]) }}">{{ __('clues.preview') }}</a>
                </p>
            @else
                <p>{{ __('clues.nothing_next') }}</p>
            @endif
        </section>
        <section aria-labelledby="open">
            <h2 id="open">{{ __('desk.open_clues') }}</h2>
            @forelse ($board->open() as $row)
                <p class="card row-card"><span
                    class="serif big-title">{{ $row->clue->title }}</span> <span>{{ __('clues.begun', ['begun' => $row->begun,
                        'all' => $board->projects, 'finished' => $row->finished]) }}</span> <a href="{{ route('host.people', $quiltAlong) }}">{{ __('people.title') }}</a></p>
            @empty
                <div class="empty"><p>{{ __('desk.none_open') }}</p></div>
            @endforelse
        </section>
    </div>
    @if ($remarks > 0 || $kits > 0 || $corrections->isNotEmpty())
        <section class="card" aria-labelledby="waits">
            <h2 id="waits" class="eyebrow">{{ __('desk.waits') }}</h2>
            <ul class="plain-list">
                @if ($remarks > 0)
                    <li><a href="{{ route('host.proof', $quiltAlong) }}#remarks">{{ trans_choice('remarks.open', $remarks) }}</a></li>
                @endif
                @if ($kits > 0)
                    <li><a href="{{ route('host.kits', $quiltAlong) }}">{{ trans_choice('kits.waiting', $kits) }}</a></li>
                @endif
                @foreach ($corrections as $correction)
                    <li><a href="{{ route('host.versions', $quiltAlong) }}">{{ __('desk.corrected', ['number' => $correction->clue->number,
                        'seen' => $correction->read_count, 'all' => $correction->marks_count]) }}</a></li>
                @endforeach
                <li><a href="{{ route('host.history', $quiltAlong) }}">{{ __('desk.history') }}</a></li>
            </ul>
        </section>
    @endif
    <section class="card" aria-labelledby="invite">
        <h2 id="invite" class="eyebrow">{{ __('desk.invite') }}</h2>
        @include('host.invitation')
    </section>
</x-layout.host>
