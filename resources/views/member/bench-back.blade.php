<p><b>{{ $result['needed'] }}</b></p>
<ul>@foreach ($result['cloths'] as $cloth)<li>{{ $cloth }}</li>@endforeach</ul>
@if ($result['batting'] !== [])<ul>@foreach ($result['batting'] as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
@foreach ($result['pieced'] as $back)
    <article class="card">
        <h2>{{ __('benchwork.back.pieced_title') }}</h2>
        <p>{{ $back['grid'] }}</p>
        <svg class="back-grid" viewBox="-2 -2 {{ $back['columns'] * 20 + 4 }} {{ $back['rows'] * 20 + 4 }}" role="img" aria-label="{{ __('benchwork.back.drawing') }}">
            <path d="M0 0h{{ $back['columns'] * 20 }}v{{ $back['rows'] * 20 }}H0z" class="back-missing"/>
            @foreach ($back['boxes'] as $box)
                <path d="M{{ $box['x'] * 20 }} {{ $box['y'] * 20 }}h{{ $box['wide'] * 20 }}v{{ $box['high'] * 20 }}h-{{ $box['wide'] * 20 }}z" fill="{{ $box['colour'] }}" class="back-part"/>
                <text x="{{ ($box['x'] + $box['wide'] / 2) * 20 }}" y="{{ ($box['y'] + $box['high'] / 2) * 20 }}" fill="{{ App\Drawing\Ink::on($box['colour']) }}"
                    font-size="10" text-anchor="middle" dominant-baseline="central">{{ $box['number'] }}</text>
            @endforeach
        </svg>
        <ol>@foreach ($back['parts'] as $part)<li>{{ $part }}</li>@endforeach</ol>
        <p><b>{{ $back['missing'] }}</b></p>
        <p>{{ $back['frame'] }}</p>
    </article>
@endforeach
