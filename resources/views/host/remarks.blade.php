<section class="card" id="remarks" aria-labelledby="remarks-title">
    <h2 id="remarks-title">{{ __('remarks.title') }}</h2>
    @if ($remarks->where('sewn', false)->isEmpty())<p class="empty-line">{{ __('remarks.none') }}</p>@endif
    <ul class="plain-list">
        @foreach ($remarks->where('sewn', false) as $remark)
            <li><p>{{ __('remarks.on', ['place' => $remark->place]) }}: {{ $remark->words }}<br>
                <small>{{ __('remarks.line', ['who' => $remark->user->name ?? __('history.someone'), 'when' =>
                    App\Presentation\Shared\When::short($remark->created_at, $quiltAlong->zone), 'size' => $remark->size]) }}</small></p>
                @if ($remark->answer)<p class="message">{{ __('remarks.answer_was', ['answer' => $remark->answer]) }}</p>@endif</li>
        @endforeach
    </ul>
    <h3>{{ __('remarks.sewn') }}</h3>
    <ul class="plain-list">
        @foreach ($page->tasks() as $task)
            @php($by = $remarks->where('sewn', true)->where('task_key', $task->anchor))
            @php($mine = $by->where('user_id', auth()->id())->where('size', $announcement->sizes[$size]->name)->isNotEmpty())
            <li class="sewn-line"><span><b>{{ $task->name }}</b> @if ($by->isEmpty()){{ __('remarks.not_sewn') }}@else{{
                __('remarks.sewn_by', ['who' => App\Wording\Sentence::list($by->map(fn ($one) => ($one->user->name ??
                __('history.someone')).' ('.$one->size.')')->values()->all())]) }}@endif</span>
                @can('test', $quiltAlong)
                    <form method="post" action="{{ route('host.remarks.sewn', [$quiltAlong, $clue->number, $task->anchor]) }}">@csrf
                        <input type="hidden" name="size" value="{{ $announcement->sizes[$size]->name }}">
                        <input type="hidden" name="place" value="{{ Str::limit($task->name, 190) }}">
                        <button class="btn btn-quiet" aria-label="{{ __($mine ? 'remarks.sewn_not_of' : 'remarks.sewn_of', ['task' =>
                            $task->name]) }}">{{ __($mine ? 'remarks.sewn_not' : 'remarks.i_sewed') }}</button></form>
                @endcan</li>
        @endforeach
    </ul>
    @can('test', $quiltAlong)
        <form method="post" action="{{ route('host.remarks.store', [$quiltAlong, $clue->number]) }}" class="stack">
            @csrf
            <input type="hidden" name="size" value="{{ $announcement->sizes[$size]->name }}">
            <x-field name="place" :label="__('remarks.place')"><select id="place" name="place" class="form-select">
                <option value="{{ __('remarks.whole') }}">{{ __('remarks.whole') }}</option>
                @foreach ($places as $of => $choices)
                    <optgroup label="{{ $of }}">
                        @foreach ($choices as $place)
                            <option value="{{ $place }}" @selected(old('place') === $place)>{{ $place }}</option>
                        @endforeach
                    </optgroup>
                @endforeach
            </select></x-field>
            <x-field name="words" :label="__('remarks.words')"><textarea id="words" name="words" rows="3" maxlength="2000" required
                class="form-control">{{ old('words') }}</textarea></x-field>
            <p><button class="btn btn-other">{{ __('remarks.send') }}</button></p>
        </form>
    @endcan
</section>
