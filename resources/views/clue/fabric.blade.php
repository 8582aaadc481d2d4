<section class="card fabric" id="fabric-{{ $fabric->slot }}" aria-label="{{ $fabric->letter }} {{ $fabric->name }}">
    <h3 class="fabric-head"><x-swatch :letter="$fabric->letter" :colour="$fabric->colour"
        :ink="$fabric->ink" :fill="$fabric->fill"/> <span>{{ $fabric->name }} <small>{{ __('fabrics.value.'.$fabric->value) }},
            {{ __($fabric->isOwn ? 'fabrics.in_own' : 'fabrics.in_colourway', ['cloth' => $fabric->cloth]) }}</small></span></h3>
    @if ($fabric->later !== null)
        <p class="field-hint">{{ $fabric->later }}
            @if (isset($open))<a href="{{ $open->at('fabrics') }}#fabric-{{ $fabric->slot }}">{{ __('fabrics.own.choose') }}</a>@endif</p>
    @endif
    @if (isset($facts))
        @include('member.cloth-facts', ['facts' => $facts, 'open' => $ownCloth])
    @endif
    @if (isset($cutting))
        <div class="cut-plan">
            <h4>{{ __('cutting.how') }}</h4>
            @include('clue.cuts', ['cuts' => $cutting->cloths])
            @if ($cutting->tooWide)<p class="field-hint">{{ $cutting->tooWide }}</p>@endif
            @if ($cutting->isShort)<p class="field-hint">{{ __('cuts.own_short') }}
                @if (isset($open))<a href="{{ $open->at('mat') }}#fabric-{{ $fabric->slot }}">{{ __('cuts.own_short_link') }}</a>@endif</p>@endif
        </div>
    @endif
    @foreach ($fabric->lines as $line)
        @include('clue.cut-line', ['line' => $line])
    @endforeach
    @if ($fabric->drawn !== '')
        <details class="own-cloth"><summary>{{ __('chart.where') }}</summary>{!! $fabric->drawn !!}</details>
    @endif
    @if ($fabric->lines === [] && $fabric->drawn === '')
        <p class="field-hint">{{ __('cutting.cut_nothing') }}</p>
    @endif
    @if (isset($ownCloth))
        @include('member.own-cloth', ['fabric' => $fabric, 'open' => $ownCloth])
    @endif
</section>
