<p><b>{{ $result['average'] }}</b> @if ($result['pattern']){{ $result['pattern'] }}@endif</p>
@foreach ($result['warnings'] as $warning)<p class="verdict is-short"><x-icon name="warning"/><span>{{ $warning }}</span></p>@endforeach
@foreach ($result['rounds'] as $round)
    <article class="card">
        <h2>{{ $round['title'] }}</h2>
        <p>{{ $round['cut'] }}</p>
        <dl class="border-lengths"><div><dt>{{ __('benchwork.two_sides') }}</dt><dd>{{ $round['sides'] }}</dd></div>
            <div><dt>{{ __('benchwork.top_bottom') }}</dt><dd>{{ $round['ends'] }}</dd></div></dl>
        @if ($round['corners'])<p>{{ $round['corners'] }}</p>@endif
        <p class="field-hint">{{ $round['order'] }}</p>
        <p>{{ $round['after'] }}</p>
    </article>
@endforeach
@if ($result['pieced'])<article class="card"><h2>{{ __('benchwork.pieced_title') }}</h2>@foreach ($result['pieced'] as $line)<p>{{ $line }}</p>@endforeach</article>@endif
