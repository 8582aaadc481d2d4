@php($at = 'clues/'.$id)
@php($say = fn ($key, $with = []) => __('workshop.clue_page.'.$key, $with))
@php($changes = array_values(array_filter(is_array($clue['steps'] ?? null) ? $clue['steps'] : [], 'is_array')))
<h2>{{ $say('steps') }}</h2>
@if ($page === null || $page->sheet->tasks === [])
    <p class="empty-line">{{ $say('no_steps') }}</p>
@else
    <p class="field-hint">{{ $say('steps_hint') }}</p>
    @foreach ($page->sheet->tasks as $task)
        @php($steps = $page->usualSteps($task))
        @if ($steps !== [])
            <details class="section-tool"><summary>{{ $task->name }}</summary>
                <ol class="step-changes">
                    @foreach ($steps as $name => $step)
                        @php($about = array_filter($changes, fn ($change) => ($change['task'] ?? '') === $task->task && ($change['step'] ??
                            '') === $name))
                        <li><p><b>{{ $step->label }}</b> {{ $step->rest() }}</p>
                            @foreach ($about as $change)
                                <p class="message is-warning">{{ $say('said', ['text' => $change['text']])[$change['what']] ?? '' }}
                                    <x-edit.button class="btn-quiet" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: $at.'/steps/'.$change['id'], expect: $change)">{{ $say('undo_step') }}</x-edit.button></p>
                            @endforeach
                            <details class="step-change"><summary>{{ $say('change') }}</summary>
                                <x-edit.form class="words-row" :edit="Dew\Core\Draft\Kind\EditLibrary::form('add', to: $at.'/steps', item: ['id' =>
                                    App\Support\Placeholder::in('id', 'x'), 'task' => $task->task, 'what' => App\Support\Placeholder::in('what'),
                                    'step' => $name, 'text' => App\Support\Placeholder::in('text')])">
                                    <div><label class="form-label" for="what-{{ $task->task }}-{{ $loop->index }}">{{ $say('what_to_do')
                                        }}</label><select id="what-{{ $task->task }}-{{ $loop->index }}" name="what" class="form-select">
                                        @foreach ($say('whats') as $what => $called)<option value="{{ $what }}">{{ $called
                                            }}</option>@endforeach</select></div>
                                    <div><label class="form-label" for="text-{{ $task->task }}-{{ $loop->index }}">{{ $say('your_words')
                                        }}</label><textarea id="text-{{ $task->task }}-{{ $loop->index }}" name="text" rows="2" required
                                        maxlength="2000" class="form-control"></textarea></div>
                                    <button class="btn btn-other">{{ $say('save_step') }}</button>
                                </x-edit.form></details></li>
                    @endforeach
                </ol>
            </details>
        @endif
    @endforeach
@endif
@php($chores = array_filter($clue['tasks'] ?? [], fn ($task) => isset($task['own']) || isset($task['quilt']) || isset($task['stage'])))
<h2>{{ $say('other_tasks') }}</h2>
@foreach ($chores as $task)
    @php($place = $at.'/tasks/'.$task['id'])
    <div class="words-row">
        <x-edit.text :place="$place.'/name'" :value="$task['name'] ?? null" as="optional" :label="$say('task_name')"
            :id="'name-'.$task['id']" maxlength="60"/>
        <x-edit.text :place="$place.'/minutes'" :value="$task['minutes'] ?? null" type="number" min="0" max="10000" as="count"
            :label="$say('task_minutes')" :id="'minutes-'.$task['id']"/>
        <x-edit.text :place="$place.'/own'" :value="$task['own'] ?? null" type="textarea" as="optional" :label="$say('task_words')"
            :id="'own-'.$task['id']" maxlength="8000"/>
        <x-edit.button class="icon-button" :edit="Dew\Core\Draft\Kind\EditLibrary::form('remove', place: $place, expect: $task)"
            :aria-label="__('workshop.remove_task', ['task' => $task['name'] ?? $task['stage'] ?? $task['id']])"><x-icon
            name="minus"/></x-edit.button>
    </div>
@endforeach
<details class="section-tool"><summary>{{ $say('add_task') }}</summary>
    <x-edit.form class="words-row" :edit="Dew\Core\Draft\Kind\EditLibrary::form('add', to: $at.'/tasks', item: ['id' => App\Support\Placeholder::in('id', 't'), 'name'
        => App\Support\Placeholder::in('name'), 'own' => App\Support\Placeholder::in('own'), 'minutes' => App\Support\Placeholder::in('minutes', 'int')])">
        <div><label class="form-label" for="own-name">{{ $say('task_name') }}</label><input id="own-name" name="name" required
            maxlength="60" class="form-control"></div>
        <div><label class="form-label" for="own-minutes">{{ $say('task_minutes') }}</label><input id="own-minutes" name="minutes"
            type="number" min="0" max="10000" value="30" required class="form-control"></div>
        <div><label class="form-label" for="own-words">{{ $say('task_words') }}</label><textarea id="own-words" name="own" rows="2" required
            maxlength="8000" class="form-control"></textarea></div>
        <button class="btn btn-other">{{ $say('add_own') }}</button>
    </x-edit.form>
    <p class="actions">
        @foreach (['rows' => null, 'centre' => null, 'layers' => 60, 'quilting' => 240, 'binding' => 120] as $stage => $minutes)
            <x-edit.button class="btn-other" :edit="Dew\Core\Draft\Kind\EditLibrary::form('add', to: $at.'/tasks', item: ['id' => App\Support\Placeholder::in('id',
                't'), 'stage' => $stage] + ($minutes === null ? [] : ['minutes' => $minutes]))">{{ __('chores.kinds.'.$stage)
                }}</x-edit.button>
        @endforeach
    </p>
    @php($blocks = array_column($document->items(Dew\Core\Draft\Place::of('blocks')), 'name', 'id'))
    @if ($blocks !== [])
        <x-edit.form class="words-row" :edit="Dew\Core\Draft\Kind\EditLibrary::form('add', to: $at.'/tasks', item: ['id' => App\Support\Placeholder::in('id', 't'),
            'quilt' => App\Support\Placeholder::in('block'), 'own' => App\Support\Placeholder::in('own', 'optional'), 'minutes' =>
            App\Support\Placeholder::in('minutes', 'int')])">
            <div><label class="form-label" for="quilt-block">{{ $say('task_block') }}</label><select id="quilt-block" name="block"
                class="form-select">@foreach ($blocks as $key => $name)<option value="{{ $key }}">{{ $name
                }}</option>@endforeach</select></div>
            <div><label class="form-label" for="quilt-minutes">{{ $say('task_minutes') }}</label><input id="quilt-minutes" name="minutes"
                type="number" min="0" max="10000" value="20" required class="form-control"></div>
            <div><label class="form-label" for="quilt-words">{{ $say('task_words') }}</label><textarea id="quilt-words" name="own" rows="2"
                maxlength="8000" class="form-control"></textarea></div>
            <button class="btn btn-other">{{ $say('add_quilting') }}</button>
        </x-edit.form>
    @endif
</details>
