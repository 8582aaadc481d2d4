<x-layout.host :title="__('clues.title')" :quilt-along="$quiltAlong" place="clues">
    <p class="field-hint">{{ __('clues.hidden') }}</p>
    @if ($board->pending !== null)
        @php($about = ['number' => $board->pending->about['number'] ?? '', 'seconds' => '#'])
        <x-pending :seconds="$board->pending->seconds()" :says="__('clues.pending.'.$board->pending->what, $about)"
            :done="__('clues.pending.'.$board->pending->what.'_done', $about)"
            :undo="route('host.history.undo', [$quiltAlong, $board->pending->id])"/>
    @endif
    @error('deed')<p class="message is-error" role="alert">{{ $message }}</p>@enderror
    @can('run', $quiltAlong)<p class="actions"><a class="btn btn-other" href="{{ route('host.dates', $quiltAlong) }}">{{ __('calendar.title')
        }}</a>
        <a class="btn btn-quiet" href="{{ route('host.dates.file', $quiltAlong) }}">{{ __('calendar.download') }}</a>
        <a class="btn btn-quiet" href="{{ route('host.history', $quiltAlong) }}">{{ __('history.title') }}</a></p>@endcan
    <datalist id="zones">@foreach (DateTimeZone::listIdentifiers() as $zone)<option value="{{ $zone }}"></option>@endforeach</datalist>
    <ol class="clue-rows">
        @foreach ($board->rows as $row)
            @php($failed = (int) old('clue') === $row->clue->number)
            <li class="card clue-row" id="clue-{{ $row->clue->number }}">
                <p class="clue-row-number">{{ $row->clue->number }}</p>
                <div class="clue-row-words">
                    <h2 class="serif">{{ $row->clue->title }}</h2>
                    <p><x-state :state="$row->state"/> {{ $row->state === App\Models\ClueState::Draft && $row->clue->about === null ? ''
                        : $row->when() }}</p>
                    <p class="field-hint">
                        @if (! $row->hasWork()){{ __('clues.text_only') }}
                        @elseif ($row->state === App\Models\ClueState::Released){{ __('clues.begun', ['begun' => $row->begun,
                            'all' => $board->projects, 'finished' => $row->finished]) }}
                        @endif
                    </p>
                    <p><a href="{{ route('host.clues.show', [$quiltAlong, $row->clue->number]) }}">{{ __('clues.preview') }}</a></p>
                </div>
                @can('run', $quiltAlong)
                    <div class="clue-row-release">
                        @if ($row->state === App\Models\ClueState::Released)
                            <details class="ask"><summary class="btn btn-danger">{{ __('clues.withdraw') }}</summary>
                                <form method="post" action="{{ route('host.release.destroy', [$quiltAlong, $row->clue->number]) }}">
                                    @csrf @method('delete')
                                    <p>{{ $board->withdrawing($row) }} {{ __('clues.ten_seconds') }}</p>
                                    <button class="btn btn-danger">{{ __('clues.withdraw_it', ['number' => $row->clue->number]) }}</button>
                                </form></details>
                        @else
                            <form method="post" action="{{ route('host.release.update', [$quiltAlong, $row->clue->number]) }}"
                                class="release-form" id="release-{{ $row->clue->number }}">
                                @csrf @method('put')
                                <input type="hidden" name="clue" value="{{ $row->clue->number }}">
                                @foreach (['date' => ['date', $row->clue->local_date], 'time' => ['time', $row->clue->local_time ??
                                    '09:00'],
                                    'zone' => ['text', $row->zone]] as $field => [$type, $value])
                                    <div class="field">
                                        <label class="form-label"
                                            for="{{ $field }}-{{ $row->clue->number }}">{{ __('clues.'.$field) }}</label>
                                        <input class="form-control @if ($failed && $errors->has($field)) is-invalid @endif"
                                            id="{{ $field }}-{{ $row->clue->number }}" name="{{ $field }}" type="{{ $type }}"
                                            value="{{ $failed ? old($field) : $value }}" @if ($field === 'zone') list="zones"
                                            autocomplete="off" @endif required @if ($failed && $errors->has($field)) aria-invalid="true"
                                            aria-describedby="{{ $field }}-{{ $row->clue->number }}-note" @endif>
                                    </div>
                                @endforeach
                                <button class="btn btn-other">{{ __('clues.save') }}</button>
                                @if ($failed && ! old('now') && $errors->has('out_of_order'))
                                    <p class="field-error release-error" role="alert">{{ $errors->first('out_of_order') }}</p>
                                    <label class="check release-error"><input class="form-check-input" type="checkbox" name="out_of_order"
                                        value="1"> {{ __('clues.out_of_order') }}</label>
                                @endif
                                @if ($failed)
                                    @foreach (['date', 'time', 'zone'] as $field)
                                        @error($field)<p class="field-error release-error" role="alert"
                                            id="{{ $field }}-{{ $row->clue->number }}-note">{{ $message }}</p>@enderror
                                    @endforeach
                                @endif
                            </form>
                            <details class="rough-date" @if ($row->clue->about !== null || ($failed && $errors->hasAny(['about',
                                'about_date']))) open @endif><summary>{{ __('clues.about') }}</summary>
                                <form method="post" action="{{ route('host.release.about', [$quiltAlong, $row->clue->number]) }}"
                                    class="release-form">
                                    @csrf @method('put')
                                    <input type="hidden" name="clue" value="{{ $row->clue->number }}">
                                    <div class="field"><label class="form-label" for="about-{{ $row->clue->number }}">{{ __('clues.about')
                                        }}</label><input class="form-control" id="about-{{ $row->clue->number }}" name="about" required
                                        maxlength="80" value="{{ $failed ? old('about', $row->clue->about) : $row->clue->about }}"
                                        aria-describedby="about-{{ $row->clue->number }}-hint">
                                        <p class="field-hint" id="about-{{ $row->clue->number }}-hint">{{ __('clues.about_hint') }}</p>
                                        @if ($failed)@error('about')<p class="field-error" role="alert">{{ $message }}</p>@enderror @endif
                                    </div>
                                    <div class="field"><label class="form-label" for="about-date-{{ $row->clue->number }}">{{
                                        __('clues.about_date') }}</label><input class="form-control" type="date"
                                        id="about-date-{{ $row->clue->number }}" name="about_date" value="{{ $failed ? old('about_date') :
                                        $row->clue->about_date?->format('Y-m-d') }}">
                                        @if ($failed)@error('about_date')<p class="field-error" role="alert">{{ $message }}</p>@enderror
                                        @endif</div>
                                    <button class="btn btn-other">{{ __('clues.save_about') }}</button>
                                </form></details>
                            <details class="ask" @if ($failed && $errors->has('out_of_order') && old('now')) open @endif><summary
                                class="btn btn-quiet">{{ __('clues.release_now') }}</summary>
                                <form method="post" action="{{ route('host.release.store', [$quiltAlong, $row->clue->number]) }}">@csrf
                                    <input type="hidden" name="clue" value="{{ $row->clue->number }}"><input type="hidden" name="now" value="1">
                                    <p>{{ $board->opening($row) }} {{ __('clues.ten_seconds') }}</p>
                                    @if ($board->passes($row))<label class="check"><input class="form-check-input" type="checkbox"
                                        name="out_of_order" value="1" @checked($failed && old('out_of_order'))> {{
                                        __('clues.out_of_order') }}</label>
                                        @if ($failed && old('now'))@error('out_of_order')<p class="field-error" role="alert">{{ $message
                                            }}</p>@enderror @endif
                                    @endif
                                    <button class="btn btn-other">{{ __('clues.open_it', ['number' => $row->clue->number]) }}</button>
                                </form></details>
                        @endif
                    </div>
                @endcan
            </li>
        @endforeach
    </ol>
</x-layout.host>
