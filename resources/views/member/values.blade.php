<x-layout.member :title="__('fabrics.values.title')" :project="$project" place="fabrics">
    <p class="eyebrow"><a href="{{ route('member.fabrics', $project) }}">{{ __('fabrics.title') }}</a></p>
    <h1>{{ __('fabrics.values.title') }}</h1>
    <p>{{ __('fabrics.values.intro') }}</p>
    @if ($errors->any())<p class="field-error" role="alert">{{ $errors->first() }}</p>@endif
    @if ($values['findings'] === [])
        <p class="verdict is-enough"><x-icon name="check"/><span>{{ __('fabrics.values.fine') }}</span></p>
    @else
        <div class="verdict is-short"><x-icon name="warning"/><div>@foreach ($values['findings'] as $finding)<p>{{ $finding }}</p>@endforeach</div></div>
    @endif
    <section class="card" aria-labelledby="order">
        <h2 id="order">{{ __('fabrics.values.order') }}</h2>
        <ul class="value-list">
            @foreach ($values['cloths'] as $cloth)
                <li>
                    <x-swatch :letter="$cloth['fabric']->letter" :colour="$cloth['fabric']->colour" :ink="$cloth['fabric']->ink"
                        :fill="$cloth['fabric']->fill"/>
                    <span class="grey-view"><x-swatch letter="" :colour="$cloth['fabric']->colour" :ink="$cloth['fabric']->ink"
                        :fill="$cloth['fabric']->fill"/></span>
                    <span class="value-words"><b>{{ $cloth['fabric']->name }}</b> {{ $cloth['fabric']->cloth }}
                        <small>{{ __('fabrics.values.wants', ['value' => __('fabrics.value.'.$cloth['fabric']->value)]) }},
                            {{ __('fabrics.values.reads', ['value' => __('fabrics.value.'.$cloth['reads'])]) }},
                            {{ __('fabrics.values.lightness', ['number' => $cloth['lightness']]) }}</small></span>
                    @if ($cloth['fabric']->isOwn)
                        <form method="post" action="{{ route('member.swatch.judge', [$project, $cloth['fabric']->slot]) }}" class="value-form">
                            @csrf @method('put')
                            <label for="eye-{{ $cloth['fabric']->slot }}">{{ __('fabrics.values.eye') }}</label>
                            <select id="eye-{{ $cloth['fabric']->slot }}" name="judged" class="form-select">
                                <option value="">{{ __('fabrics.values.measured') }}</option>
                                @foreach (['light', 'medium', 'dark'] as $value)
                                    <option value="{{ $value }}" @selected($cloth['judged'] === $value)>{{ __('fabrics.value.'.$value) }}</option>
                                @endforeach
                            </select>
                            <button class="btn btn-quiet">{{ __('fabrics.values.save') }}</button>
                        </form>
                    @endif
                </li>
            @endforeach
        </ul>
    </section>
    <section aria-labelledby="grey">
        <h2 id="grey" class="section-title">{{ __('fabrics.values.grey') }}</h2>
        @if ($values['pictures'] === [])<p class="field-hint">{{ __('fabrics.values.nothing') }}</p>@endif
        <div class="grey-units grey-view">
            @foreach ($values['pictures'] as $unit)
                <figure>{!! $unit['picture'] !!}<figcaption>{{ $unit['name'] }}</figcaption></figure>
            @endforeach
        </div>
    </section>
</x-layout.member>
