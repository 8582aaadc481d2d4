@php($mistakes = $proof->count(Dew\Core\Proof\Severity::Error))
@php($warnings = $proof->count(Dew\Core\Proof\Severity::Warning))
<x-layout.workshop :title="__('workshop.versions')" :quilt-along="$quiltAlong" here="versions">
    <div class="design-pair is-even">
        <section>
            <h2>{{ __('workshop.publish') }}</h2>
            <p>{{ $versions->isEmpty() ? __('workshop.publish_first') : __('workshop.publish_lead') }}</p>
            @error('publish')<p class="message is-error" role="alert">{{ $message }}</p>@enderror
            @if ($publication?->problem !== null && ! $errors->any())
                <p class="message is-error" role="alert">{{ __('publish.not_published') }} {{ $publication->problem }}</p>
            @endif
            @if ($publication?->isUnderWay && $publication->seconds > 0)
                <x-pending :seconds="$publication->seconds" :says="__('publish.begins')" :done="__('publish.begun')" :effect="$publication->effect"
                    :undo="route('host.versions.undo', [$quiltAlong, $publication->id])"/>
            @elseif ($publication?->isUnderWay)
                <x-calculating :poll="route('host.versions.under_way', $quiltAlong)" :says="$publication->says"/>
                <p class="field-hint">{{ $publication->effect }} {{ __('publish.meanwhile_hint') }}</p>
            @elseif ($mistakes > 0)
                <p class="message is-warning">{{ trans_choice('workshop.errors', $mistakes) }}. {{ __('workshop.publish_errors') }}
                    <a href="{{ route('host.proof', $quiltAlong) }}">{{ __('workshop.proof') }}</a></p>
            @elseif ($same)
                <p>{{ __('workshop.publish_same') }}</p>
            @elseif (Gate::allows('run', $quiltAlong))
                <form method="post" action="{{ route('host.versions.store', $quiltAlong) }}" class="stack">
                    @csrf
                    <x-field name="name" :label="__('workshop.publish_name')" maxlength="80"/>
                    @if ($warnings > 0)
                        <p class="message is-warning">{{ trans_choice('workshop.warnings', $warnings) }}. <a
                            href="{{ route('host.proof', $quiltAlong) }}">{{ __('workshop.proof') }}</a></p>
                        <x-field name="reason" :label="__('workshop.publish_reason')" maxlength="2000"/>
                    @endif
                    <input type="hidden" name="draft" value="{{ $draft }}">
                    @foreach ($open as $change)
                        @include('workshop.open-change', ['change' => $change])
                    @endforeach
                    <p class="field-hint">{{ $effect }} {{ __('publish.ten_seconds') }}</p>
                    <button class="btn btn-main">{{ __('workshop.publish') }}</button>
                </form>
            @else
                <p>{{ __('errors.owner_only') }}</p>
            @endif
            @if ($changes !== null && ! $same)
                <h2>{{ __('workshop.changes_since') }}</h2>
                <ul class="tick-list">@foreach (array_slice($changes, 0, 40) as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>
            @endif
            @if ($corrections->isNotEmpty())
                <h2>{{ __('corrections.host.list') }}</h2>
                <ul class="plain-list">
                    @foreach ($corrections as $correction)
                        <li class="version"><strong>{{ __('clues.clue', ['number' => $correction->clue->number]) }}, {{
                            $correction->clue->title }}</strong>
                            <small>{{ __('workshop.version_number', ['number' => $correction->version->number]) }} · {{
                                App\Presentation\Shared\When::short($correction->created_at, $quiltAlong->zone) }}@if ($correction->user)
                                · {{ __('corrections.host.by', ['name' => $correction->user->name]) }}@endif · {{
                                __('corrections.host.seen', ['seen' => $correction->read_count, 'all' => $correction->marks_count]) }}</small>
                            <p class="field-hint">{{ $correction->words }}</p></li>
                    @endforeach
                </ul>
            @endif
            <h2>{{ __('workshop.versions') }}</h2>
            @if ($versions->isEmpty())<p class="empty-line">{{ __('workshop.no_versions') }}</p>@endif
            <ul class="plain-list">
                @foreach ($versions as $version)
                    <li class="version"><strong>{{ $version->name ?? __('workshop.version_number', ['number' => $version->number])
                        }}</strong>
                        <small>{{ __('workshop.version_number', ['number' => $version->number]) }} · {{
                            App\Presentation\Shared\When::short($version->created_at, $quiltAlong->zone) }}@if ($version->user)
                            · {{ __('workshop.version_by', ['name' => $version->user->name]) }}@endif</small>
                        <a href="{{ route('host.versions.show', [$quiltAlong, $version->number]) }}">{{ __('workshop.compare') }}</a>
                        @if ($version->reason)<p class="field-hint">{{ __('workshop.version_reason', ['reason' => $version->reason])
                            }}</p>@endif</li>
                @endforeach
            </ul>
            <p class="actions">
                @if ($versions->isNotEmpty())<a class="btn btn-other" href="{{ route('host.published', $quiltAlong) }}">{{
                    __('workshop.published') }}</a>@endif
                <a class="btn btn-other" href="{{ route('host.draft.file', $quiltAlong) }}">{{ __('workshop.export') }}</a></p>
        </section>
        <section>
            <h2>{{ __('workshop.history') }}</h2>
            <ol class="history">
                @foreach ($history as $entry)
                    <li @class(['is-undone' => $entry->undone_by !== null])><span>{{ ($entry->action === 'edit' ? '' :
                        __('workshop.'.$entry->action).': ').__('workshop.undo_names.'.$entry->kind, ['about' => $entry->about]) }}</span>
                        <small>{{ __('workshop.history_line', ['who' => $entry->user->name ?? __('workshop.someone'), 'when' =>
                            App\Presentation\Shared\When::ago($entry->created_at)]) }}@if ($entry->undone_by !== null)
                            · {{ __('workshop.history_undone') }}@endif</small>
                        @if ($entry->action === 'edit' && $entry->undone_by === null)
                            <form method="post" action="{{ route('host.edits.store', $quiltAlong) }}">@csrf
                                <input type="hidden" name="action" value="undo"><input type="hidden" name="number" value="{{ $entry->number
                                    }}">
                                <button class="btn btn-quiet">{{ __('workshop.take_back') }}</button></form>
                        @endif</li>
                @endforeach
            </ol>
        </section>
    </div>
</x-layout.workshop>
