@php($clues = $document->items(Dew\Core\Draft\Place::of('clues')))
<section class="unmade">
    <h2>{{ __('workshop.unmade') }}</h2>
    @if ($work->unmade === [])
        <p>{{ __('workshop.all_made') }}</p>
    @else
        <ul class="plain-list">
            @foreach ($work->unmade as $thing)
                <li><span class="unmade-name">{{ $thing['name'] }}</span> <small>@foreach ($thing['counts'] as $size => $count){{
                    $loop->first ? '' : ' · ' }}{{ __('workshop.counts', ['size' => $size, 'count' => $count]) }}@endforeach</small>
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
<ol class="clue-list">
    @foreach ($clues as $number => $clue)
        @php($at = 'clues/'.$clue['id'])
        <li class="card clue-edit" id="clue-{{ $clue['id'] }}">
            <div class="clue-edit-head"><h2>{{ __('workshop.clue_number', ['number' => $loop->iteration]) }}</h2>
                @if (! $loop->first)
                    <x-edit.button class="icon-button" :edit="['kind' => 'move', 'place' => $at, 'before' => $clues[$loop->index -
                        1]['id']]"
                        :aria-label="__('workshop.clue_up', ['number' => $loop->iteration])"><x-icon name="up"/></x-edit.button>
                @endif
                <x-edit.button class="icon-button" :edit="['kind' => 'remove', 'place' => $at, 'expect' => $clue]"
                    :aria-label="__('workshop.remove_clue', ['number' => $loop->iteration])"><x-icon name="minus"/></x-edit.button></div>
            <div class="inline-fields">
                <x-edit.text :place="$at.'/title'" :value="$clue['title'] ?? null" :label="__('workshop.clue_title')"
                    :id="'clue-title-'.$clue['id']" maxlength="80"/>
                <x-edit.text :place="$at.'/minutes'" :value="$clue['minutes'] ?? null" type="number" min="0" max="10000" as="int"
                    :label="__('workshop.clue_minutes')" :id="'clue-minutes-'.$clue['id']"/>
            </div>
            <x-edit.text :place="$at.'/introduction'" :value="$clue['introduction'] ?? null" as="optional" type="textarea"
                :label="__('workshop.clue_opening')" :id="'clue-opening-'.$clue['id']"/>
            <h3>{{ __('workshop.tasks') }}</h3>
            @if (($clue['tasks'] ?? []) === [])<p class="empty-line">{{ __('workshop.no_tasks') }}</p>@endif
            <ul class="plain-list">
                @foreach ($clue['tasks'] ?? [] as $task)
                    @php($name = $task['name'] ?? $work->names[$task['id']] ?? $task['unit'] ?? $task['block'] ?? $task['part'] ??
                        $task['id'])
                    <li><span class="unmade-name">{{ $name }}</span>
                        <small>@foreach ($work->counts[$task['id']] ?? [] as $size => $count){{ $loop->first ? '' : ' · ' }}{{
                            __('workshop.counts', ['size' => $size, 'count' => $count]) }}@endforeach</small>
                        @foreach (['up' => [$number - 1, 'task_earlier'], 'down' => [$number + 1, 'task_later']] as $icon => [$other,
                            $says])
                            @if (isset($clues[$other]))
                                <x-edit.button class="icon-button" :edit="['kind' => 'together', 'edits' => [
                                    ['kind' => 'remove', 'place' => $at.'/tasks/'.$task['id'], 'expect' => $task],
                                    ['kind' => 'add', 'to' => 'clues/'.$clues[$other]['id'].'/tasks', 'item' => $task]]]"
                                    :aria-label="__('workshop.'.$says, ['task' => $name])"><x-icon :name="$icon"/></x-edit.button>
                            @endif
                        @endforeach
                        <x-edit.button class="icon-button" :edit="['kind' => 'remove', 'place' => $at.'/tasks/'.$task['id'], 'expect' =>
                            $task]"
                            :aria-label="__('workshop.remove_task', ['task' => $name])"><x-icon name="minus"/></x-edit.button></li>
                @endforeach
            </ul>
        </li>
    @endforeach
</ol>
<p class="actions"><x-edit.button class="btn-other" :edit="['kind' => 'add', 'to' => 'clues', 'item' => ['id' => App\Support\Fill::in('id',
    'k'), 'title' => __('workshop.new_clue'), 'minutes' => 60, 'tasks' => []]]">{{ __('workshop.add_clue') }}</x-edit.button></p>
