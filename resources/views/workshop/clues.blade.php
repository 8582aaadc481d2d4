@php($clues = $document->items(Dew\Core\Draft\Place::of('clues')))
@php($what = fn ($task) => array_intersect_key($task, array_flip(['unit', 'block', 'part', 'section', 'mirror', 'fabrics'])))
@php($json = fn ($data) => json_encode($data, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES))
<section class="unmade">
    <h2>{{ __('workshop.unmade') }}</h2>
    @if ($work->unmade === [])
        <p>{{ __('workshop.all_made') }}</p>
    @else
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
    @endif
</section>
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
            <p class="clue-name">{{ $clue['title'] ?? '' }}</p>
            <ul class="clue-cards">
                @foreach ($clue['tasks'] ?? [] as $place => $task)
                    @php($id = $task['id'])
                    @php($share = is_array($task['share'] ?? null) ? $task['share'] : null)
                    @php($name = $task['name'] ?? $work->names[$id] ?? $task['unit'] ?? $task['block'] ?? $task['part'] ?? $id)
                    @php($product = $work->products[$id] ?? '')
                    @php($counts = $work->counts[$id] ?? [])
                    <li class="task-card{{ isset($work->problems[$id]) ? ' is-late' : '' }}" data-card="{{ $at }}/tasks/{{ $id }}"
                        data-task="{{ $json($task) }}">
                        <div class="task-card-head">
                            @if (isset($looks[$product]))<x-look :look="$looks[$product]" :palette="$palette" :side="44" :letters="false"/>
                            @elseif (isset($studies[$product]))<x-block-look :study="$studies[$product]" :palette="$palette" :side="44"
                                :name="'card-'.$id"/>@endif
                            <p><span class="task-card-name">{{ $name }}</span>
                                @if ($share)<small>{{ __('workshop.share', ['part' => $share['part'], 'of' => $share['of']]) }}</small>@endif
                                @isset($task['for'])<small>{{ __('workshop.for_block', ['block' => $document->at(Dew\Core\Draft\Place::of('blocks',
                                    $task['for'], 'name'))->text() ?: $task['for']]) }}</small>@endisset
                                <b class="task-card-count">{{ $counts[$size] ?? 0 }}</b></p>
                            <button type="button" class="icon-button task-grip" data-grip aria-label="{{ __('workshop.move_task',
                                ['task' => $name]) }}" title="{{ __('workshop.move_task', ['task' => $name]) }}"><x-icon name="grip"/></button>
                        </div>
                        @foreach ($work->problems[$id] ?? [] as $problem)<p class="task-card-problem">{{ $problem }}</p>@endforeach
                        <div class="task-card-tools">
                            @foreach (['up' => [$number - 1, 'task_earlier'], 'down' => [$number + 1, 'task_later']] as $icon => [$other, $says])
                                @if (isset($clues[$other]))
                                    <x-edit.button class="icon-button" :edit="['kind' => 'together', 'edits' => [
                                        ['kind' => 'remove', 'place' => $at.'/tasks/'.$id, 'expect' => $task],
                                        ['kind' => 'add', 'to' => 'clues/'.$clues[$other]['id'].'/tasks', 'item' => $task]]]"
                                        :aria-label="__('workshop.'.$says, ['task' => $name])"><x-icon
                                        :name="$icon === 'up' ? 'earlier' : 'later'"/></x-edit.button>
                                @endif
                            @endforeach
                            @if ($share === null && ! isset($task['for']) && max([0, ...array_values($counts)]) > 1)
                                <x-edit.button class="btn-quiet" :edit="['kind' => 'together', 'edits' => [
                                    ['kind' => 'set', 'place' => $at.'/tasks/'.$id, 'expect' => $task, 'to' => $task + ['share' => ['part' => 1,
                                        'of' => 2]]],
                                    ['kind' => 'add', 'to' => $at.'/tasks', 'item' => ['id' => App\Support\Fill::in('id', 't')] +
                                        array_diff_key($task, ['id' => 1]) + ['share' => ['part' => 2, 'of' => 2]]] + (isset($clue['tasks'][$place + 1])
                                        ? ['before' => $clue['tasks'][$place + 1]['id']] : [])]]"
                                    :aria-label="__('workshop.divide_task', ['task' => $name])">{{ __('workshop.divide') }}</x-edit.button>
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
                                <x-edit.button class="btn-quiet" :edit="['kind' => 'together', 'edits' => [...$others, ['kind' => 'set',
                                    'place' => $at.'/tasks/'.$id, 'expect' => $task, 'to' => array_diff_key($task, ['share' => 1])]]]"
                                    :aria-label="__('workshop.join_task', ['task' => $name])">{{ __('workshop.join_shares') }}</x-edit.button>
                            @endif
                            <x-edit.button class="icon-button" :edit="['kind' => 'remove', 'place' => $at.'/tasks/'.$id, 'expect' => $task]"
                                :aria-label="__('workshop.remove_task', ['task' => $name])"><x-icon name="minus"/></x-edit.button>
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
                                height="8"/><rect class="load-full{{ $work->even($of) > 0 && $minutes > 2 * $work->even($of) ? ' is-heavy' : '' }}"
                                width="{{ round(100 * $minutes / $work->most(), 1) }}" height="8"/><line x1="{{ round(100 * $work->even($of) /
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
