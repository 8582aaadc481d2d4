<section class="card task chore" id="{{ $chore->anchor }}" aria-labelledby="{{ $chore->anchor }}-name">
    <h3 id="{{ $chore->anchor }}-name">{{ $chore->name }}</h3>
    <p class="field-hint">{{ $chore->about }}</p>
    <div class="prose">{{ $chore->text }}</div>
    @if ($chore->steps !== [])
        <ol class="steps">
            @foreach ($chore->steps as $step)
                <li class="step"><p>{{ $step }}</p></li>
            @endforeach
        </ol>
    @endif
    @if (isset($open) && $chore->counter)
        <div class="counters"><x-counter :counter="$chore->counter" :open="$open" :for="$chore->name"/></div>
    @endif
</section>
