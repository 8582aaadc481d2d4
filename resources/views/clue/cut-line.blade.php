<div class="cut-line">
    <x-picture :picture="$line->picture" class="cut-picture" :scale="min(0.2, 96 / max($line->picture->width, $line->picture->height))"/>
    <div class="cut-words">
        <p class="cut-what"><b class="cut-count">{{ $line->count }}</b> {{ $line->shape }}</p>
        <x-figure :figure="$line->width" :second="$line->length"/>
        <p class="cut-for">{{ __('cutting.for', ['task' => $line->for]) }}</p>
        @if ($line->note)<p class="cut-for">{{ $line->note }}</p>@endif
    </div>
    @if ($line->counter && isset($open))
        <x-counter :counter="$line->counter" :open="$open" :for="$line->letters.' '.$line->for"/>
    @endif
</div>
