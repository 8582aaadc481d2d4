<x-layout.host :title="__('hands.title')" :quilt-along="$quiltAlong" place="hands">
    <p class="lead-line">{{ __('hands.lead') }}</p>
    @if ($errors->any())<p class="field-error" role="alert">{{ $errors->first() }}</p>@endif
    @php($day = fn ($date) => $date?->setTimezone($quiltAlong->zone)->isoFormat('LL'))
    <div class="hands-page">
        <section class="card" aria-labelledby="wall"><h2 id="wall">{{ __('hands.wall') }}</h2>
            <p>{{ __('hands.count', ['accepted' => $wall['accepted'], 'count' => $wall['count']]) }}</p>
            <x-wall :wall="$wall" :label="__('hands.wall_label')"/>
        </section>
        <div class="stack">
            <section class="card" aria-labelledby="due"><h2 id="due">{{ __('hands.falls_due') }}</h2>
                @forelse ($due as $part)
                    <p>{{ __('hands.due_line', ['part' => $part->label, 'name' => $part->holder?->name, 'date' => $part->due_on->isoFormat('LL')]) }}
                        @if ($part->isOverdue())<b class="is-late">{{ __('hands.overdue') }}</b>@endif</p>
                @empty<p>{{ __('hands.nothing_due') }}</p>@endforelse
            </section>
            @can('edit', $quiltAlong)
            <section class="card" aria-labelledby="deal"><h2 id="deal">{{ __('hands.deal') }}</h2>
                @php($free = $parts->filter(fn ($part) => $part->state === App\Models\HandState::Free))
                @if ($free->isEmpty())<p>{{ __('hands.none_free') }}</p>@else
                <form method="post" action="{{ route('host.hands.deal', $quiltAlong) }}" class="stack">
                    @csrf
                    <div class="inline-fields">
                        <div class="field"><label class="form-label" for="to">{{ __('hands.to') }}</label><select class="form-select" id="to" name="to">
                            @foreach ($people as $person)<option value="{{ $person->id }}" @selected(old('to') == $person->id)>{{ $person->name }}</option>@endforeach</select></div>
                        <x-field name="due" type="date" :label="__('hands.due')"/>
                        <x-field name="pack" :label="__('hands.pack')" :hint="__('hands.pack_hint')" maxlength="60" autocomplete="off"/>
                    </div>
                    <fieldset class="deal-parts"><legend>{{ __('hands.free') }}</legend>
                        <label class="check"><input type="checkbox" class="form-check-input" data-choose-all> {{ __('hands.choose_all') }}</label>
                        @foreach ($free as $part)<label class="check"><input type="checkbox" class="form-check-input" name="part_{{ $part->id }}"
                            value="{{ $part->revision }}" @checked(old('part_'.$part->id) !== null)> {{ $part->label }}</label>@endforeach
                    </fieldset>
                    <button class="btn btn-main">{{ __('hands.deal_button') }}</button>
                </form>@endif
            </section>
            @endcan
        </div>
    </div>
    <section class="card" aria-labelledby="out"><h2 id="out">{{ __('hands.out') }}</h2>
        @php($held = $parts->filter(fn ($part) => in_array($part->state, [App\Models\HandState::Out, App\Models\HandState::Sent], true)))
        @forelse ($held as $part)
            <details class="hand-part" id="part-{{ $part->id }}">
                <summary><b>{{ $part->label }}</b> {{ $part->holder?->name }}, {{ __($part->isToDecide() ? 'hands.state.measured' : 'hands.state.'.$part->state->value) }}, {{ __('hands.since', ['date' => $day($part->held_since)]) }}@if ($part->due_on),
                    {{ __('hands.until', ['date' => $part->due_on->isoFormat('LL')]) }}@endif @if ($part->isOverdue())<b class="is-late">{{ __('hands.overdue') }}</b>@endif</summary>
                <p>@if ($asked[$part->id]){{ __('hands.asked', ['size' => $asked[$part->id]]) }} @endif @if ($part->pack){{ __('hands.pack_line', ['pack' => $part->pack]) }}@endif</p>
                @if ($part->remark)<p>“{{ $part->remark }}”</p>@endif
                @can('edit', $quiltAlong)
                <form method="post" action="{{ route('host.hands.update', [$quiltAlong, $part->id]) }}" class="stack">
                    @csrf @method('put')
                    <input type="hidden" name="revision" value="{{ $part->revision }}">
                    <div class="inline-fields">
                        @foreach (['width', 'height'] as $side)<div class="field"><label class="form-label" for="{{ $side }}-{{ $part->id }}">{{ __('hands.'.$side) }}</label>
                            <input class="form-control is-short" id="{{ $side }}-{{ $part->id }}" name="{{ $side }}" maxlength="40" autocomplete="off"></div>@endforeach
                        <div class="field"><label class="form-label" for="words-{{ $part->id }}">{{ __('hands.words') }}</label>
                            <input class="form-control" id="words-{{ $part->id }}" name="words" maxlength="500" autocomplete="off"></div>
                    </div>
                    <p class="field-hint">{{ __('hands.accept_hint') }}</p>
                    <div class="inline-fields"><button class="btn btn-main" name="do" value="accept">{{ __('hands.accept') }}</button>
                        <button class="btn btn-other" name="do" value="remark">{{ __('hands.remark') }}</button>
                        <button class="btn btn-quiet" name="do" value="withdraw">{{ __('hands.withdraw') }}</button></div>
                </form>
                @endcan
            </details>
        @empty<p>{{ __('hands.nobody') }}</p>@endforelse
    </section>
    @if ($advice !== [])
        <section class="card" aria-labelledby="advice"><h2 id="advice">{{ __('hands.advice_title') }}</h2>
            @foreach ($advice as $id => $lines)
                @php($part = $parts->firstWhere('id', $id))
                <h3>{{ $part->label }}</h3><p>{{ __('hands.asked', ['size' => $asked[$id]]) }}; {{ __('hands.measured', ['size' => $measured[$id]]) }}.</p>
                <ul>@foreach ($lines as $line)<li>{{ $line }}</li>@endforeach</ul>
                @can('edit', $quiltAlong)<form method="post" action="{{ route('host.hands.update', [$quiltAlong, $id]) }}">@csrf @method('put')
                    <input type="hidden" name="revision" value="{{ $part->revision }}">
                    <div class="inline-fields">@foreach (['width', 'height'] as $side)<div class="field"><label class="form-label" for="again-{{ $side }}-{{ $id }}">{{ __('hands.'.$side) }}</label>
                        <input class="form-control is-short" id="again-{{ $side }}-{{ $id }}" name="{{ $side }}" maxlength="40" autocomplete="off"></div>@endforeach</div>
                    @if ($part->state === App\Models\HandState::Sent)
                        <p class="message is-warning">{{ __('hands.to_decide') }}</p>
                        <div class="field"><label class="form-label" for="again-words-{{ $id }}">{{ __('hands.words') }}</label>
                            <input class="form-control" id="again-words-{{ $id }}" name="words" maxlength="500" autocomplete="off"></div>
                    @endif
                    <div class="inline-fields"><button class="btn btn-other" name="do" value="accept">{{ __('hands.again') }}</button>
                        @if ($part->state === App\Models\HandState::Sent)
                            <button class="btn btn-other" name="do" value="accept_small">{{ __('hands.accept_small') }}</button>
                            <button class="btn btn-other" name="do" value="remark">{{ __('hands.remark') }}</button>
                        @endif
                        <button class="btn btn-quiet" name="do" value="withdraw">{{ __('hands.withdraw') }}</button></div></form>@endcan
            @endforeach
        </section>
    @endif
    <details class="card"><summary>{{ __('hands.packs') }}</summary>
        <dl class="facts">@foreach ($packs as $product => $pieces)<dt>{{ $sheet->names[$product] ?? $product }}</dt><dd>{{ $pieces }}</dd>@endforeach</dl></details>
    <details class="card"><summary>{{ __('hands.history') }}</summary>
        <ul>@foreach ($moves as $move)<li><small>{{ $move['when'] }}</small> {{ $move['says'] }}</li>@endforeach</ul></details>
    @can('edit', $quiltAlong)
    <details class="card"><summary>{{ __('hands.list_again') }}</summary>
        <form method="post" action="{{ route('host.hands.store', $quiltAlong) }}" class="stack">@csrf
            <p class="field-hint">{{ __('hands.list_hint') }}</p>@include('host.hands-size')<button class="btn btn-other">{{ __('hands.list_again') }}</button></form></details>
    @endcan
</x-layout.host>
