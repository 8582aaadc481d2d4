<x-layout.member :title="__('fabrics.mark.title', ['fabric' => $fabric->name])" :project="$project" place="fabrics">
    <p class="eyebrow"><a href="{{ route('member.fabrics', $project) }}#fabric-{{ $fabric->id }}">{{ __('fabrics.title') }}</a></p>
    <h1>{{ __('fabrics.mark.title', ['fabric' => $fabric->letter.' '.$fabric->name]) }}</h1>
    <p>{{ __('fabrics.mark.intro') }}</p>
    @if ($errors->any())<p class="field-error" role="alert">{{ $errors->first() }}</p>@endif
    <form method="post" action="{{ route('member.swatch.mark', [$project, $fabric->id] + ($swatch->number === 0 ? [] : ['cloth' => $swatch->number])) }}" class="stack">
        @csrf @method('put')
        <div class="photo-mark" data-mark-part>
            <img src="{{ route('member.swatch.picture', [$project, $swatch->photo]) }}" alt="{{ __('fabrics.mark.photo', ['cloth' => $swatch->name]) }}"
                draggable="false">
            <span class="photo-box" aria-hidden="true"></span>
        </div>
        <div class="field-pair">
            @foreach (['x', 'y', 'width', 'height'] as $name)
                <x-field :name="$name" :id="'part-'.$name" :label="__('fabrics.mark.'.$name)">
                    <input id="part-{{ $name }}" name="{{ $name }}" type="number" min="{{ in_array($name, ['x', 'y'], true) ? 0 : 5 }}" max="100" step="0.1"
                        required class="form-control is-length" value="{{ old($name, ($swatch->part[$name] ?? 0) / 10) }}">
                </x-field>
            @endforeach
        </div>
        <button class="btn btn-main">{{ __('fabrics.mark.save') }}</button>
    </form>
</x-layout.member>
