<section class="card task" id="{{ $task->anchor }}" aria-labelledby="{{ $task->anchor }}-name">
    <div class="task-about">
    <div class="task-head">
        <x-picture :picture="$task->picture" :scale="($task->numbered ? 250 : 130) / max($task->picture->width, $task->picture->height)"/>
        <div>
            <h3 id="{{ $task->anchor }}-name">{{ $task->name }}</h3>
            <p class="task-count">{{ $task->heading }}</p>
            <x-figure :figure="$task->unfinished" :second="$task->unfinishedHeight" size="big"/>
            <x-figure :figure="$task->finished" :second="$task->finishedHeight" size="small"/>
        </div>
    </div>
    @if (isset($open)){{ $open->at('corrected:'.$task->anchor) }}@endif
    @if ($task->pressOther)
        <figure class="press-other"><x-picture :picture="$task->pressOther" :scale="110 / max($task->pressOther->width, $task->pressOther->height)"/>
            <figcaption>{{ __('tasks.press_other') }}</figcaption></figure>
    @endif
    @if ($task->pressBoard)
        <figure class="press-other"><x-picture :picture="$task->pressBoard" :scale="110 / max($task->pressBoard->width, $task->pressBoard->height)"/>
            <figcaption>{{ __('tasks.press_board') }}</figcaption></figure>
    @endif
    @if ($task->pattern)
        <figure class="pattern-picture">
            <img src="@if (isset($open)){{ $open->at('pictures') }}{{ $task->pattern }}@else{{ route('host.pictures.show', [$quiltAlong,
                $task->pattern]) }}@endif" alt="{{ __('tasks.pattern_alt', ['unit' => $task->name]) }}" loading="lazy">
            <figcaption>{{ __('tasks.pattern') }}</figcaption>
        </figure>
    @endif
    @if ($task->remainder)<p class="message is-status">{{ $task->remainder }}</p>@endif
    @if ($task->fromBag)<p class="message is-status">{{ $task->fromBag }}</p>@endif
    @if ($task->spares)<p class="field-hint">{{ $task->spares }}</p>@endif
    @if ($task->byproduct)
        <div class="cut-line">
            <x-picture :picture="$task->byproductPicture" class="cut-picture"
                :scale="72 / max($task->byproductPicture->width, $task->byproductPicture->height)"/>
            <p class="cut-words">{{ $task->byproduct }}</p>
        </div>
    @endif
    @if ($task->quilting !== [])
        <h4>{{ __('quilting.title') }}</h4>
        <ul class="tick-list">
            @foreach ($task->quilting as $size)
                <li>{{ $size }}</li>
            @endforeach
        </ul>
    @endif
    </div>
    <div class="task-work">
    @if ($task->methods !== [])
        <details class="methods">
            <summary>{{ __('methods.title') }}: <b>{{ $task->method }}</b>@if ($task->oversize), {{ __('methods.oversize.short')
                }}@endif</summary>
            @if (isset($open))
            <form method="post" action="{{ $open->at('method') }}" class="stack">
                <input type="hidden" name="_token" value="{{ $open->at('token') }}">
                @method('put')
                <input type="hidden" name="kind" value="{{ $task->kind }}">
                <input type="hidden" name="from" value="{{ $task->anchor }}">
            @endif
                <div class="choices">
                    @foreach ($task->methods as $method)
                        <label class="choice is-method"><input type="radio" name="method"
                            value="{{ $method->value }}" @checked($method->chosen) @disabled(! isset($open))>
                            <span><span class="choice-name">{{ $method->name }}</span> <span class="choice-hint">{{ $method->hint }}</span>
                            <span
                                class="choice-facts">{{ $method->batches }} · {{ $method->spares }} · {{ $method->bias }} ·
                                    {{ __('methods.cloth', ['area' => $method->cloth]) }}, {{ __('methods.waste', ['area' => $method->waste]) }}@if ($method->stock) · {{ $method->stock
                                        }}@endif</span></span>
                        </label>
                    @endforeach
                </div>
                @if ($task->oversize !== null)
                    <label class="choice is-method"><input type="checkbox" name="oversize"
                        value="1" @checked($task->oversize) @disabled(! isset($open))>
                        <span><span class="choice-name">{{ __('methods.oversize.name') }}</span> <span
                            class="choice-hint">{{ __('methods.oversize.hint') }}</span></span>
                    </label>
                @endif
            @if (isset($open))
                <button class="btn btn-other">{{ __('methods.change') }}</button>
            </form>
            @endif
        </details>
    @endif
    @foreach ($task->turns as $turns)
        <details class="methods">
            <summary>{{ __('tasks.turns.title', ['block' => $turns->name]) }}: <b>{{ $turns->chosen() }}</b></summary>
            @if (isset($open))
            <form method="post" action="{{ $open->at('turns') }}" class="stack">
                <input type="hidden" name="_token" value="{{ $open->at('token') }}">
                @method('put')
                <input type="hidden" name="block" value="{{ $turns->block }}">
                <input type="hidden" name="from" value="{{ $task->anchor }}">
            @endif
                <p class="field-hint">{{ __('tasks.turns.hint') }}</p>
                <div class="choices is-pictured">
                    @foreach ($turns->ways as $way)
                        <label class="choice is-turn"><input type="radio" name="way"
                            value="{{ $way['value'] }}" @checked($way['chosen']) @disabled(! isset($open))>
                            <span aria-hidden="true"><x-picture :picture="$way['picture']"
                                :scale="110 / max($way['picture']->width, $way['picture']->height)"/></span>
                            <span class="choice-name">{{ $way['name'] }}</span></label>
                    @endforeach
                </div>
            @if (isset($open))
                <button class="btn btn-other">{{ __('tasks.turns.change') }}</button>
            </form>
            @endif
        </details>
    @endforeach
    @if ($task->steps !== [])
    <h4>{{ __('tasks.steps') }}</h4>
    <ol class="steps">
        @foreach ($task->steps as $step)
            <li class="step is-{{ $step->kind }}">
                <p><b class="step-kind">{{ $step->label }}</b> {{ $step->rest() }}</p>
                @if ($step->figure)
                    <x-figure :figure="$step->figure" size="big"/>
                @endif
            </li>
        @endforeach
    </ol>
    @endif
    @if ($task->pressed !== null && isset($open))
        <details class="methods">
            <summary>{{ __('tasks.pressed.title') }}: <b>{{ __('tasks.pressed.ways.'.$task->pressed) }}</b></summary>
            <form method="post" action="{{ $open->at('pressed') }}" class="stack">
                <input type="hidden" name="_token" value="{{ $open->at('token') }}">
                @method('put')
                <input type="hidden" name="task" value="{{ $task->anchor }}">
                <p class="field-hint">{{ __('tasks.pressed.hint') }}</p>
                <div class="choices">
                    @foreach (Dew\Core\Press\PressDone::cases() as $done)
                        <label class="choice"><input type="radio" name="done" value="{{ $done->value }}" @checked($done->value === $task->pressed)>
                            <span class="choice-name">{{ __('tasks.pressed.ways.'.$done->value) }}</span></label>
                    @endforeach
                </div>
                <button class="btn btn-other">{{ __('tasks.pressed.save') }}</button>
            </form>
        </details>
    @endif
    @foreach ($task->overhangs as $overhang)
        <p class="field-hint">{{ $overhang }}</p>
    @endforeach
    </div>
    @if (isset($open))
    <div class="task-counters">
        <h4>{{ __('tasks.count_off') }}</h4>
        <div class="counters">
            @foreach ($task->counters as $counter)
                <x-counter :counter="$counter" :open="$open" :for="$task->name"/>
            @endforeach
        </div>
    </div>
    @endif
</section>
