@php($clues = $document->items(Dew\Core\Draft\Place::of('clues')))
@php($each = fn ($tasks, $edit) => count($tasks) === 1 ? $edit(['id' => App\Support\Placeholder::in('id', 't')] + $tasks[0]) : Dew\Core\Draft\Kind\EditLibrary::form('together', edits: array_map(fn ($task) => $edit(['id' => App\Support\Placeholder::in('id', 't')] + $task), $tasks)))
@php($left = array_map(strval(...), array_keys($work->notMade)))
@php($leaves = fn ($keys) => Dew\Core\Draft\Kind\EditLibrary::form('set', ...($keys === [] ? [] : ['to' =>
    $keys]), place: 'not_made', expect: $left === [] ? null : $left))
@if ($work->unmade === [])
    <p class="field-hint">{{ __('workshop.all_made') }}</p>
@else
    <section class="unmade">
        <h2>{{ __('workshop.unmade') }}</h2>
        <ul class="plain-list">
            @foreach ($work->unmade as $thing)
                <li><span class="unmade-name">{{ $thing['name'] }}</span> <small>@foreach ($thing['counts'] as $of => $count){{
                    $loop->first ? '' : ' · ' }}{{ __('workshop.counts', ['size' => $of, 'count' => $count]) }}@endforeach</small>
                    @foreach ($clues as $number => $clue)
                        @if ($number >= count($clues) - 3)
                            <x-edit.button class="btn-quiet" :edit="$each($thing['tasks'], fn ($task) => Dew\Core\Draft\Kind\EditLibrary::form('add', to: 'clues/'.$clue['id'].'/tasks', item: $task))"
                                :aria-label="__('workshop.give_to', ['name' => $thing['name']]).' '.__('workshop.clue_number', ['number' =>
                                    $number + 1])">→ {{ $number + 1 }}</x-edit.button>
                        @endif
                    @endforeach
                    <x-edit.button class="btn-quiet" :edit="$leaves([...$left, $thing['key']])"
                        :aria-label="__('workshop.not_made_of', ['name' => $thing['name']])">{{ __('workshop.not_made') }}</x-edit.button>
                </li>
            @endforeach
        </ul>
        <p class="actions"><x-edit.button class="btn-main" :edit="Dew\Core\Draft\Kind\EditLibrary::form('together', edits: array_map(fn ($thing) => Dew\Core\Draft\Kind\EditLibrary::form('add', to: 'clues', item: [
            'id' => App\Support\Placeholder::in('id', 'k'), 'title' => mb_substr($thing['name'], 0, 80), 'minutes' => 60, 'tasks' => array_map(
                fn ($task) => ['id' => App\Support\Placeholder::in('id', 't')] + $task, $thing['tasks'])]), $work->unmade))">{{ __('workshop.clue_each')
                }}</x-edit.button></p>
    </section>
@endif
@if ($work->notMade !== [])
    <section class="unmade is-left">
        <h2>{{ __('workshop.left_out') }}</h2>
        <ul class="plain-list">
            @foreach ($work->notMade as $key => $name)
                <li><span class="unmade-name">{{ $name }}</span>
                    <x-edit.button class="btn-quiet" :edit="$leaves(array_values(array_diff($left, [$key])))"
                        :aria-label="__('workshop.made_after_all_of', ['name' => $name])">{{ __('workshop.made_after_all')
                        }}</x-edit.button></li>
            @endforeach
        </ul>
    </section>
@endif
@include('workshop.prepare')
<div class="board-head">
    @if (count($work->sizes) > 1)
        <nav class="size-tabs" aria-label="{{ __('design.size') }}">
            @foreach ($work->sizes as $choice => $name)
                <a href="{{ route('host.draft.clues', [$quiltAlong, 'size' => $choice]) }}"
                    @class(['size-tab', 'is-here' => $choice === $size]) @if ($choice === $size) aria-current="page" @endif>{{ $name }}</a>
            @endforeach
        </nav>
    @endif
    <a class="btn btn-other" href="{{ route('host.split', $quiltAlong) }}">{{ __('workshop.suggest_split') }}</a>
</div>
<p class="field-hint" id="board-hint">{{ __('workshop.board_hint') }}</p>
<div class="inline-fields">
    <x-edit.select :value="$document->value['pace'] ?? 'usual'" :label="__('workshop.pace')" id="pace" :choices="__('workshop.paces')"
        aria-describedby="pace-hint" :edit="Dew\Core\Draft\Kind\EditLibrary::form('set', place: 'pace', expect: $document->value['pace'] ?? null,
            to: App\Support\Placeholder::in('value', 'text'))"/>
</div>
<p class="field-hint" id="pace-hint">{{ __('workshop.pace_hint') }}</p>
<ol class="clue-board" aria-label="{{ __('workshop.clues') }}" aria-describedby="board-hint">
    @foreach ($columns as $column){!! $column !!}@endforeach
</ol>
<p class="actions"><x-edit.button class="btn-other" :edit="Dew\Core\Draft\Kind\EditLibrary::form('add', to: 'clues', item: ['id' => App\Support\Placeholder::in('id',
    'k'), 'title' => __('workshop.new_clue'), 'minutes' => 60, 'tasks' => []])">{{ __('workshop.add_clue') }}</x-edit.button></p>
