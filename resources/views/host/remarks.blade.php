<section class="card" id="remarks" aria-labelledby="remarks-title">
    <h2 id="remarks-title">{{ __('remarks.title') }}</h2>
    @if ($remarks->isEmpty())<p class="empty-line">{{ __('remarks.none') }}</p>@endif
    <ul class="plain-list">
        @foreach ($remarks as $remark)
            <li><p>{{ __('remarks.on', ['place' => $remark->place]) }}: {{ $remark->words }}<br>
                <small>{{ __('remarks.line', ['who' => $remark->user->name ?? __('history.somebody'), 'when' =>
                    App\Presentation\Shared\When::short($remark->created_at, $quiltAlong->zone), 'size' => $remark->size]) }}</small></p>
                @if ($remark->answer)<p class="message">{{ __('remarks.answer_was', ['answer' => $remark->answer]) }}</p>@endif</li>
        @endforeach
    </ul>
    @can('test', $quiltAlong)
        <form method="post" action="{{ route('host.remarks.store', [$quiltAlong, $clue->number]) }}" class="stack">
            @csrf
            <input type="hidden" name="size" value="{{ $announcement->sizes[$size]->name }}">
            <x-field name="place" :label="__('remarks.place')"><select id="place" name="place" class="form-select">
                <option value="{{ __('remarks.whole') }}">{{ __('remarks.whole') }}</option>
                @foreach ($page->tasks() as $task)
                    <optgroup label="{{ $task->name }}">
                        @foreach ([__('remarks.counted', ['task' => $task->name]), __('remarks.unfinished', ['task' => $task->name, 'size' =>
                            $task->unfinished->number.' '.$task->unfinished->unit]), ...array_map(fn ($step, $index) => $task->name.', '.($index
                            + 1).': '.Str::limit($step->text, 90), $task->steps, array_keys($task->steps))] as $place)
                            <option value="{{ Str::limit($place, 190) }}" @selected(old('place') === Str::limit($place, 190))>{{ $place
                                }}</option>
                        @endforeach
                    </optgroup>
                @endforeach
                @foreach ($page->chores() as $chore)<option value="{{ Str::limit($chore->name, 190) }}">{{ $chore->name }}</option>@endforeach
            </select></x-field>
            <x-field name="words" :label="__('remarks.words')"><textarea id="words" name="words" rows="3" maxlength="2000" required
                class="form-control">{{ old('words') }}</textarea></x-field>
            <p><button class="btn btn-other">{{ __('remarks.send') }}</button></p>
        </form>
    @endcan
</section>
