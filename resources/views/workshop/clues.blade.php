@php($clues = $document->items(Dew\Core\Draft\Place::of('clues')))
@php($what = fn ($task) => array_intersect_key($task, array_flip(['unit', 'block', 'part', 'section', 'mirror', 'fabrics', 'quilt', 'own'])))
@php($json = fn ($data) => json_encode($data, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES))
{{-- A board has hundreds of cards: their buttons and pictures are put together here, once, and not by components. --}}
@php($icons = array_map(fn ($name) => view('components.icon', ['name' => $name, 'attributes' => new
    Illuminate\View\ComponentAttributeBag])->render(), ['grip' => 'grip', 'earlier' => 'earlier', 'later' => 'later', 'minus' => 'minus']))
@php($said = array_map(fn ($key) => __('workshop.'.$key, ['task' => App\Support\Fill::SIGN]), array_combine($keys = ['move_task',
    'task_earlier', 'task_later', 'divide_task', 'join_task', 'remove_task'], $keys)))
@php($say = fn ($key, $task) => str_replace(App\Support\Fill::SIGN, $task, $said[$key]))
@php([$divide, $join] = [e(__('workshop.divide')), e(__('workshop.join_shares'))])
@php($button = fn ($class, $edit, $label, $inside) =>
    '<button class="btn '.$class.'" form="edits" name="edit" value="'.e($json($edit)).'" aria-label="'
    .e($label).'">'.$inside.'</button>')
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
                            <x-edit.button class="btn-quiet" :edit="['kind' => 'add', 'to' => 'clues/'.$clue['id'].'/tasks', 'item' => ['id'
                                => App\Support\Fill::in('id', 't')] + $thing['task']]"
                                :aria-label="__('workshop.give_to', ['name' => $thing['name']]).' '.__('workshop.clue_number', ['number' =>
                                    $number + 1])">→ {{ $number + 1 }}</x-edit.button>
                        @endif
                    @endforeach
                </li>
            @endforeach
        </ul>
        <p class="actions"><x-edit.button class="btn-main" :edit="['kind' => 'together', 'edits' => array_map(fn ($thing) => ['kind' =>
            'add', 'to' => 'clues', 'item' => [
            'id' => App\Support\Fill::in('id', 'k'), 'title' => mb_substr($thing['name'], 0, 80), 'minutes' => 60, 'tasks' => [['id' =>
                App\Support\Fill::in('id', 't')] + $thing['task']]]], $work->unmade)]">{{ __('workshop.clue_each') }}</x-edit.button></p>
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
<ol class="clue-board" aria-label="{{ __('workshop.clues') }}" aria-describedby="board-hint">
    @foreach ($clues as $number => $clue)
        @php($at = 'clues/'.$clue['id'])
        @php($load = $work->loads[$number] ?? [])
        <li class="clue-column" id="clue-{{ $clue['id'] }}" data-clue="{{ $at }}/tasks" data-number="{{ $number + 1 }}">
            <div class="clue-edit-head"><h2>{{ __('workshop.clue_number', ['number' => $loop->iteration]) }}</h2>
                @if (! $loop->first)
                    <x-edit.button class="icon-button" :edit="['kind' => 'move', 'place' => $at, 'before' => $clues[$loop->index -
                        1]['id']]"
                        :aria-label="__('workshop.clue_up', ['number' => $loop->iteration])"><x-icon name="earlier"/></x-edit.button>
                @endif
                <x-edit.button class="icon-button" :edit="['kind' => 'remove', 'place' => $at, 'expect' => $clue]"
                    :aria-label="__('workshop.remove_clue', ['number' => $loop->iteration])"><x-icon name="minus"/></x-edit.button></div>
            <p class="clue-name">{{ $clue['title'] ?? '' }}@isset($clue['kind'])<small class="clue-kind">{{
                __('workshop.clue_kinds.'.$clue['kind']) }}</small>@endisset</p>
            <ul class="clue-cards">
                @foreach ($clue['tasks'] ?? [] as $place => $task)
                    @php($id = $task['id'])
                    @php($share = is_array($task['share'] ?? null) ? $task['share'] : null)
                    @php($name = $task['name'] ?? $work->names[$id] ?? $task['unit'] ?? $task['block'] ?? $task['part'] ?? $id)
                    @php($product = $work->products[$id] ?? '')
                    @php($counts = $work->counts[$id] ?? [])
                    <li class="task-card{{ isset($work->problems[$id]) ? ' is-late' : '' }}" data-card="{{ $at }}/tasks/{{ $id }}">
                        <div class="task-card-head">
                            @if (isset($drawn[$product]))<svg class="look" viewBox="{{ $drawn[$product][0] }}" width="{{ $drawn[$product][1]
                                }}"
                                height="{{ $drawn[$product][2] }}" aria-hidden="true"><use href="#card-{{ $product }}"/></svg>@endif
                            <p><span class="task-card-name">{{ $name }}</span>
                                @if ($share)<small>{{ __('workshop.share', ['part' => $share['part'], 'of' => $share['of']])
                                    }}</small>@endif
                                @isset($task['for'])<small>{{ __('workshop.for_block', ['block' =>
                                    $document->at(Dew\Core\Draft\Place::of('blocks',
                                    $task['for'], 'name'))->text() ?: $task['for']]) }}</small>@endisset
                                <b class="task-card-count">{{ $counts[$size] ?? 0 }}</b></p>
                            <button type="button" class="icon-button task-grip" data-grip aria-label="{{ $say('move_task', $name) }}"
                                title="{{ $say('move_task', $name) }}">{!! $icons['grip'] !!}</button>
                        </div>
                        @foreach ($work->problems[$id] ?? [] as $problem)<p class="task-card-problem">{{ $problem }}</p>@endforeach
                        <div class="task-card-tools">
                            @foreach (['earlier' => [$number - 1, 'task_earlier'], 'later' => [$number + 1, 'task_later']] as $icon =>
                                [$other,
                                $says])
                                @if (isset($clues[$other]))
                                    {!! $button('icon-button', ['kind' => 'move', 'place' => $at.'/tasks/'.$id, 'to' =>
                                        'clues/'.$clues[$other]['id'].'/tasks'],
                                        $say($says, $name), $icons[$icon]) !!}
                                @endif
                            @endforeach
                            @if ($share === null && ! isset($task['for']) && (! isset($task['minutes']) || isset($task['quilt'])) && max([0, ...array_values($counts)]) > 1)
                                {!! $button('btn-quiet', ['kind' => 'together', 'edits' => [
                                    ['kind' => 'set', 'place' => $at.'/tasks/'.$id, 'expect' => $task, 'to' => $task + ['share' => ['part'
                                        => 1,
                                        'of' => 2]]],
                                    ['kind' => 'add', 'to' => $at.'/tasks', 'item' => ['id' => App\Support\Fill::in('id', 't')] +
                                        array_diff_key($task, ['id' => 1]) + ['share' => ['part' => 2, 'of' => 2]]] +
                                            (isset($clue['tasks'][$place + 1])
                                        ? ['before' => $clue['tasks'][$place + 1]['id']] : [])]],
                                    $say('divide_task', $name), $divide) !!}
                            @elseif ($share !== null && $share['part'] === 1)
                                @php($others = [])
                                @foreach ($clues as $other)
                                    @foreach ($other['tasks'] ?? [] as $one)
                                        @if ($one['id'] !== $id && isset($one['share']) && $what($one) == $what($task))
                                            @php($others[] = ['kind' => 'remove', 'place' => 'clues/'.$other['id'].'/tasks/'.$one['id'],
                                                'expect' => $one])
                                        @endif
                                    @endforeach
                                @endforeach
                                {!! $button('btn-quiet', ['kind' => 'together', 'edits' => [...$others, ['kind' => 'set',
                                    'place' => $at.'/tasks/'.$id, 'expect' => $task, 'to' => array_diff_key($task, ['share' => 1])]]],
                                    $say('join_task', $name), $join) !!}
                            @endif
                            {!! $button('icon-button', ['kind' => 'remove', 'place' => $at.'/tasks/'.$id, 'expect' => $task],
                                $say('remove_task', $name), $icons['minus']) !!}
                        </div>
                    </li>
                @endforeach
            </ul>
            @if (($clue['tasks'] ?? []) === [])<p class="empty-line">{{ __('workshop.no_tasks') }}</p>@endif
            @if ($load !== [])
                <dl class="clue-loads">
                    @foreach ($work->sizes as $of => $called)
                        @php($minutes = $load[$of]['minutes'] ?? 0)
                        <div @class(['is-size' => $of === $size])><dt>{{ $called }}</dt>
                            <dd><svg class="load-bar" viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true"><rect width="100"
                                height="8"/><rect class="load-full{{ $work->even($of) > 0 && $minutes > 2 * $work->even($of) ? ' is-heavy' :
                                    '' }}"
                                width="{{ round(100 * $minutes / $work->most(), 1) }}" height="8"/><line x1="{{ round(100 * $work->even($of)
                                    /
                                $work->most(), 1) }}" x2="{{ round(100 * $work->even($of) / $work->most(), 1) }}" y1="0" y2="8"/></svg>
                                <span>{{ __('workshop.load_minutes', ['count' => $minutes]) }}</span></dd></div>
                    @endforeach
                </dl>
                <p class="clue-shown">{{ __('workshop.shown', ['share' => round(100 * ($load[$size]['shown'] ?? 0))]) }}
                    @if (($work->blocks[$number] ?? []) !== []){{ __('workshop.recognised', ['blocks' => implode(', ',
                        $work->blocks[$number])]) }}@endif
                    @if (($load[$size]['techniques'] ?? []) !== []){{ __('workshop.new_techniques', ['techniques' => implode(', ',
                        $load[$size]['techniques'])]) }}@endif</p>
            @endif
            <p class="clue-page-link"><a href="{{ route('host.draft.clue', [$quiltAlong, $clue['id']]) }}"
                aria-label="{{ __('workshop.clue_page.open_of', ['number' => $loop->iteration]) }}">{{ __('workshop.clue_page.open')
                }}</a></p>
            <details class="section-tool"><summary>{{ __('workshop.clue_words') }}</summary>
                <x-edit.text :place="$at.'/title'" :value="$clue['title'] ?? null" :label="__('workshop.clue_title')"
                    :id="'clue-title-'.$clue['id']" maxlength="80"/>
                <x-edit.text :place="$at.'/minutes'" :value="$clue['minutes'] ?? null" type="number" min="0" max="10000" as="int"
                    :label="__('workshop.clue_minutes')" :id="'clue-minutes-'.$clue['id']"/>
                <x-edit.text :place="$at.'/introduction'" :value="$clue['introduction'] ?? null" as="optional" type="textarea"
                    :label="__('workshop.clue_opening')" :id="'clue-opening-'.$clue['id']"/>
            </details>
        </li>
    @endforeach
</ol>
<p class="actions"><x-edit.button class="btn-other" :edit="['kind' => 'add', 'to' => 'clues', 'item' => ['id' => App\Support\Fill::in('id',
    'k'), 'title' => __('workshop.new_clue'), 'minutes' => 60, 'tasks' => []]]">{{ __('workshop.add_clue') }}</x-edit.button></p>
