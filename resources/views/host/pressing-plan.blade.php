<p><b>{{ $count }}</b> {{ $against }} @if ($nests){{ __('press.all_nest') }}@endif</p>
@if ($otherPlaces !== [])<p>{{ __('press.other_places', ['places' => implode(', ', $otherPlaces)]) }}</p>@endif
@if ($left !== [])
    <details class="card"><summary>{{ __('press.where') }}</summary>
        <ul>@foreach ($left as $line)<li>{{ $line }}</li>@endforeach</ul>
        <p>{{ __('press.remedy') }}</p>
        @foreach ($others as $line)<p>{{ $line }}</p>@endforeach</details>
@endif
<div class="press-cards">
    @foreach ($cards as $card)
        <article class="card">
            <h2>{{ $card['name'] }}</h2>
            @if ($card['copies'])<p class="field-hint">{{ $card['copies'] }}</p>@endif
            @if ($card['drawing'])
                <svg class="press-drawing" viewBox="{{ $card['drawing']['box'] }}" role="img" aria-label="{{ __('press.drawing', ['name' => $card['name']]) }}">
                    @foreach ($card['drawing']['groups'] as $group)<g @if ($group['transform'])transform="{{ $group['transform'] }}"@endif>@foreach (App\Drawing\Shape::byFill($group['shapes']) as $fill => $path)<path class="press-cloth" d="{{ $path }}" fill="{{ $fill }}"/>@endforeach</g>@endforeach
                    @foreach ($card['drawing']['flags'] as $flag)<path class="press-flag" d="{{ $flag }}"/>@endforeach
                    @foreach ($card['drawing']['clashes'] as $ring)<path class="press-clash" d="{{ $ring }}"/>@endforeach
                </svg>
            @endif
            <details><summary>{{ __('press.seams') }}</summary><ol>@foreach ($card['seams'] as $seam)<li>{{ $seam }}</li>@endforeach</ol></details>
        </article>
    @endforeach
</div>
