{{-- One clue on the board. It is kept under everything it is drawn from: see ClueColumns. --}}
@php($json = App\Support\Attribute::json(...))
{{-- A board has hundreds of cards: their buttons and pictures are put together here, once, and not by components. --}}
@php($icons = array_map(fn ($name) => view('components.icon', ['name' => $name, 'attributes' => new
    Illuminate\View\ComponentAttributeBag])->render(), ['grip' => 'grip', 'earlier' => 'earlier', 'later' => 'later', 'minus' => 'minus']))
@php($said = array_map(fn ($key) => __('workshop.'.$key, ['task' => App\Support\Placeholder::SIGN]), array_combine($keys = ['move_task',
    'task_earlier', 'task_later', 'divide_task', 'join_task', 'remove_task'], $keys)))
@php($say = fn ($key, $task) => str_replace(App\Support\Placeholder::SIGN, $task, $said[$key]))
@php([$divide, $join] = [e(__('workshop.divide')), e(__('workshop.join_shares'))])
@php($button = fn ($class, $edit, $label, $inside) =>
    '<button class="btn '.$class.'" form="edits" name="edit" value=\''.$json($edit).'\' aria-label="'
    .e($label).'">'.$inside.'</button>')
        @php($at = 'clues/'.$clue['id'])
        @php($load = $loads)
        <li class="clue-column" id="clue-{{ $clue['id'] }}" data-clue="{{ $at }}/tasks" data-number="{{ $number + 1 }}">
            <div class="clue-edit-head"><h2>{{ __('workshop.clue_number', ['number' => $number + 1]) }}</h2>
                @if ($number > 0)
                    <x-edit.button class="icon-button" :edit="Dew\Core\Draft\Kind\EditLibrary::form('move', place: $at, before: $clues[$number - 1]['id'])"
                        :aria-label="__('workshop.clue_up', ['number' => $number + 1])"><x-icon name="earlier"/></x-edit.button>
                @endif
                <x-edit.button class="icon-button" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: $at, expect: $clue)" data-wait="10"
                    :data-says="trans_choice('workshop.will_remove_clue', count($clue['tasks'] ?? []), ['number' => $number + 1])"
                    :data-undo="__('workshop.undo')"
                    :aria-label="__('workshop.remove_clue', ['number' => $number + 1])"><x-icon name="minus"/></x-edit.button></div>
            <p class="clue-name">{{ $clue['title'] ?? '' }}@isset($clue['kind'])<small class="clue-kind">{{
                __('workshop.clue_kinds.'.$clue['kind']) }}</small>@endisset</p>
            <ul class="clue-cards">
                @foreach ($clue['tasks'] ?? [] as $place => $task)
                    @php($id = $task['id'])
                    @php($share = is_array($task['share'] ?? null) ? $task['share'] : null)
                    @php($name = $task['name'] ?? $tasks[$id]['name'] ?? $task['unit'] ?? $task['block'] ?? $task['part'] ?? $id)
                    @php($product = $tasks[$id]['product'] ?? '')
                    @php($counts = $tasks[$id]['counts'] ?? [])
                    <li class="task-card{{ ($tasks[$id]['problems'] ?? []) !== [] ? ' is-late' : '' }}" data-card="{{ $at }}/tasks/{{ $id }}">
                        <div class="task-card-head">
                            @if (($tasks[$id]['drawn'] ?? null) !== null)<svg class="look" viewBox="{{ $tasks[$id]['drawn'][0] }}" width="{{ $tasks[$id]['drawn'][1]
                                }}"
                                height="{{ $tasks[$id]['drawn'][2] }}" aria-hidden="true"><use href="{{ $looks }}#card-{{ $product }}"/></svg>@endif
                            <p><span class="task-card-name">{{ $name }}</span>
                                @if ($share)<small>{{ __('workshop.share', ['part' => $share['part'], 'of' => $share['of']])
                                    }}</small>@endif
                                @isset($task['for'])<small>{{ __('workshop.for_block', ['block' =>
                                    $blocks[$task['for']] ?? $task['for']]) }}</small>@endisset
                                <b class="task-card-count">{{ $counts[$size] ?? 0 }}</b></p>
                            <button type="button" class="icon-button task-grip" data-grip aria-label="{{ $say('move_task', $name) }}"
                                title="{{ $say('move_task', $name) }}">{!! $icons['grip'] !!}</button>
                        </div>
                        @foreach ($tasks[$id]['problems'] ?? [] as $problem)<p class="task-card-problem">{{ $problem }}</p>@endforeach
                        <div class="task-card-tools">
                            @foreach (['earlier' => [$number - 1, 'task_earlier'], 'later' => [$number + 1, 'task_later']] as $icon =>
                                [$other,
                                $says])
                                @if (isset($clues[$other]))
                                    {!! $button('icon-button', Dew\Core\Draft\Kind\EditLibrary::form('move', place: $at.'/tasks/'.$id, to: 'clues/'.$clues[$other]['id'].'/tasks'),
                                        $say($says, $name), $icons[$icon]) !!}
                                @endif
                            @endforeach
                            @if ($share === null && ($tasks[$id]['parts'] ?? 0) > 1)
                                {!! $button('btn-quiet', Dew\Core\Draft\Kind\EditLibrary::form('together', edits: [
                                    Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/tasks/'.$id, expect: $task, to: $task + ['share' => ['part'
                                        => 1,
                                        'of' => 2]]),
                                    Dew\Core\Draft\Kind\EditLibrary::form('add', ...(isset($clue['tasks'][$place + 1])
                                        ? ['before' => $clue['tasks'][$place + 1]['id']] : []), to: $at.'/tasks', item: ['id' => App\Support\Placeholder::in('id', 't')] +
                                        array_diff_key($task, ['id' => 1]) + ['share' => ['part' => 2, 'of' => 2]])]),
                                    $say('divide_task', $name), $divide) !!}
                            @elseif ($share !== null && $share['part'] === 1)
                                @php($others = $shares[$id] ?? [])
                                {!! $button('btn-quiet', Dew\Core\Draft\Kind\EditLibrary::form('together', edits: [...$others, Dew\Core\Draft\Kind\EditLibrary::form('set', place: $at.'/tasks/'.$id, expect: $task, to: array_diff_key($task, ['share' => 1]))]),
                                    $say('join_task', $name), $join) !!}
                            @endif
                            {!! $button('icon-button', Dew\Core\Draft\Kind\EditLibrary::form('remove', place: $at.'/tasks/'.$id, expect: $task),
                                $say('remove_task', $name), $icons['minus']) !!}
                        </div>
                    </li>
                @endforeach
            </ul>
            @if (($clue['tasks'] ?? []) === [])<p class="empty-line">{{ __('workshop.no_tasks') }}</p>@endif
            @if ($load !== [])
                <dl class="clue-loads">
                    @foreach ($sizes as $of => $called)
                        @php($minutes = $load[$of]['minutes'] ?? 0)
                        <div @class(['is-size' => $of === $size])><dt>{{ $called }}</dt>
                            <dd><svg class="load-bar" viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true"><rect width="100"
                                height="8"/><rect class="load-full{{ $evens[$of] > 0 && $minutes > 2 * $evens[$of] ? ' is-heavy' :
                                    '' }}"
                                width="{{ round(100 * $minutes / $most, 1) }}" height="8"/><line x1="{{ round(100 * $evens[$of]
                                    /
                                $most, 1) }}" x2="{{ round(100 * $evens[$of] / $most, 1) }}" y1="0" y2="8"/></svg>
                                <span>{{ $load[$of]['time'] ?? '' }}</span></dd></div>
                    @endforeach
                </dl>
                <p class="clue-shown">{{ __('workshop.shown', ['share' => round(100 * ($load[$size]['shown'] ?? 0))]) }}
                    @if (($sewn) !== []){{ __('workshop.recognised', ['blocks' => implode(', ',
                        $sewn)]) }}@endif
                    @if (($load[$size]['techniques'] ?? []) !== []){{ __('workshop.new_techniques', ['techniques' => implode(', ',
                        $load[$size]['techniques'])]) }}@endif</p>
            @endif
            <p class="clue-page-link"><a href="{{ route('host.draft.clue', [$quiltAlong, $clue['id']]) }}"
                aria-label="{{ __('workshop.clue_page.open_of', ['number' => $number + 1]) }}">{{ __('workshop.clue_page.open')
                }}</a></p>
            <details class="section-tool"><summary>{{ __('workshop.after_it') }}</summary>
                <p class="actions">@foreach (['bonus' => 30, 'pause' => 0] as $kind => $minutes)
                    {!! $button('btn-other', Dew\Core\Draft\Kind\EditLibrary::form('add', ...(isset($clues[$number + 1]) ? ['before' => $clues[$number + 1]['id']] : []), to: 'clues', item: ['id' => App\Support\Placeholder::in('id', 'k'), 'kind' =>
                        $kind, 'title' => __('workshop.new_kinds.'.$kind), 'minutes' => $minutes, 'tasks' => []]),
                        __('workshop.add_kinds.'.$kind, ['number' => $number + 1]), e(__('workshop.new_kinds.'.$kind))) !!}
                @endforeach</p>
            </details>
        </li>
