@if ($sets)<p class="message">{{ $sets }}</p>@endif
@if ($better)
    <form method="post" action="{{ $open->at('mat') }}/width" class="message stack">
        <input type="hidden" name="_token" value="{{ $open->at('token') }}">
        @method('put')
        <p>{{ $better['text'] }}</p>
        <button class="btn btn-other" name="width" value="{{ $better['width'] }}">{{ $better['label'] }}</button>
    </form>
@endif
@if ($cards !== [])<p class="field-hint">{{ __('cutting.square_up') }}</p>@endif
@foreach ($cards as $card)
    <section class="card mat-card" id="fabric-{{ $card['fabric']->slot }}" aria-label="{{ $card['fabric']->letter }} {{ $card['fabric']->name }}">
        <h2 class="fabric-head"><x-swatch :letter="$card['fabric']->letter" :colour="$card['fabric']->colour"
            :ink="$card['fabric']->ink" :fill="$card['fabric']->fill"/> <span>{{ $card['fabric']->name }} <small>{{ $card['fabric']->cloth }}</small></span></h2>
        @if ($card['bolt'])<p class="field-hint">{{ $card['bolt'] }}
            <a href="{{ $open->at('fabrics') }}#fabric-{{ $card['fabric']->slot }}">{{ __('mat.say') }}</a></p>@endif
        @if ($card['short'])<p class="verdict is-short"><x-icon name="warning"/><span>{{ $card['short'] }}</span></p>@endif
        @if ($card['margin'])<p class="field-hint">{{ $card['margin'] }}</p>@endif
        @if ($card['cloths'] !== [])<p class="field-hint">{{ $card['single'] }}</p>@endif
        @foreach ($card['cloths'] as $cloth)
            <div class="mat-cloth">
                <h3>{{ $cloth['title'] }}</h3>
                <x-picture :picture="$cloth['picture']" class="mat-picture" :scale="min(0.09, 420 / max($cloth['picture']->width, 1), 700 / max($cloth['picture']->height, 1))"/>
                <ol class="mat-steps">
                    @foreach ($cloth['steps'] as $step)
                        <li class="mat-step{{ $open->at('state:'.$step['index']) }}" id="{{ $step['anchor'] }}">
                            <p class="mat-number" aria-hidden="true">{{ $step['number'] }}</p>
                            <div class="mat-words">
                                <p class="mat-title">{{ $step['title'] }}</p>
                                <p class="cut-for">{{ __($step['count'] > 1 ? 'mat.each' : 'mat.one') }}</p>
                                @include('clue.cuts', ['cuts' => $step['lines']])
                                <p class="cut-for">{{ $step['for'] }}</p>
                                @if ($step['alike'])<p class="look-alike">{{ $step['alike'] }}</p>@endif
                            </div>
                            <form method="post" action="{{ $open->at('mat') }}">
                                <input type="hidden" name="_token" value="{{ $open->at('token') }}">
                                <input type="hidden" name="slot" value="{{ $card['fabric']->slot }}">
                                <input type="hidden" name="plan" value="{{ $card['plan'] }}">
                                <input type="hidden" name="step" value="{{ $step['id'] }}">
                                {{ $open->at('button:'.$step['index']) }}
                            </form>
                        </li>
                    @endforeach
                </ol>
                @if ($cloth['left'])<p class="mat-left">{{ $cloth['left'] }}</p>@endif
            </div>
        @endforeach
        {{ $open->at('keep:'.$card['fabric']->slot) }}
        <details class="own-cloth"><summary>{{ __('mat.how_good') }}</summary><p>{{ $card['bound'] }}</p><p>{{ $card['aims'] }}</p></details>
    </section>
@endforeach
