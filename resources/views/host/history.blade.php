<x-layout.host :title="__('history.title')" :quilt-along="$quiltAlong" place="desk">
    <p class="lead-line">{{ __('history.lead') }} <a href="{{ route('host.versions', $quiltAlong) }}">{{ __('workshop.versions') }}</a></p>
    @error('deed')<p class="message is-error" role="alert">{{ $message }}</p>@enderror
    @if ($deeds->isEmpty())<p class="empty-line">{{ __('history.empty') }}</p>@endif
    <ol class="history">
        @foreach ($deeds as $deed)
            <li @class(['is-undone' => $deed->undone_at !== null])><span>{{ App\Presentation\Host\HistorySentence::of($deed) }}</span>
                <small>{{ __('history.line', ['who' => $deed->user->name ?? __('history.someone'), 'when' =>
                    App\Presentation\Shared\When::short($deed->created_at, $quiltAlong->zone)]) }}@if ($deed->undone_at !== null) · {{
                    __('history.was_undone') }}@endif</small>
                @if ($deed->canBeUndone() && Gate::allows('run', $quiltAlong))
                    <form method="post" action="{{ route('host.history.undo', [$quiltAlong, $deed->id]) }}">@csrf @method('DELETE')
                        <button class="btn btn-quiet">{{ __('history.undo') }}</button></form>
                @endif</li>
        @endforeach
    </ol>
    {{ $deeds->links('components.pages') }}
</x-layout.host>
