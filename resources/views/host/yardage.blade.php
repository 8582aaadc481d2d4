<x-layout.host :title="__('kits.yardage.title')" :quilt-along="$quiltAlong" place="kits">
    @include('host.kit-tabs', ['here' => 'yardage'])
    <nav class="size-tabs" aria-label="{{ __('kits.size') }}">
        @foreach ($sizes as $size)
            <a href="{{ route('host.yardage', $quiltAlong) }}?size={{ $size->id }}" @class(['size-tab', 'is-here' => $table->size === $size->id])
                @if ($table->size === $size->id) aria-current="page" @endif>{{ $size->name }}</a>
        @endforeach
    </nav>
    <p class="lead-line">{{ __('kits.yardage.lead', ['size' => $sizes[$table->size]->name, 'width' => $table->width]) }}</p>
    <div class="table-frame" tabindex="0" role="region" aria-label="{{ __('kits.yardage.title') }}"><table class="table">
        <thead><tr><th scope="col">{{ __('kits.for') }}</th>@foreach (['exact', 'allowed', 'buy', 'covers', 'announced'] as $name)<th scope="col"
            class="is-number">{{ __('kits.yardage.'.$name) }}</th>@endforeach<th scope="col">{{ __('kits.yardage.by_clue') }}</th></tr></thead>
        <tbody>@foreach ($table->fabrics as $fabric)
            <tr><th scope="row">{{ $fabric['letter'] }} {{ $fabric['name'] }}</th>
                @foreach (['exact', 'allowed', 'buy', 'covers', 'announced'] as $name)<td class="is-number">{{ $fabric[$name] }}</td>@endforeach
                <td>{{ $fabric['by_clue'] }}</td></tr>
        @endforeach</tbody></table></div>
    <section class="card" aria-labelledby="quilt"><h2 id="quilt">{{ __('kits.yardage.quilt') }}</h2>
        @foreach ($table->quilt as $sentence)<p>{{ $sentence }}</p>@endforeach</section>
    <section aria-labelledby="precuts">
        <h2 id="precuts">{{ __('kits.yardage.precuts') }}</h2>
        <p>{{ __('kits.yardage.precuts_hint', ['most' => Dew\Core\Cutting\Precuts::MOST]) }}</p>
        <div class="table-frame" tabindex="0" role="region" aria-labelledby="precuts"><table class="table">
            <thead><tr><th scope="col">{{ __('kits.for') }}</th>@foreach (__('kits.yardage.kinds') as $name)<th scope="col" class="is-number">{{ $name
                }}</th>@endforeach</tr></thead>
            <tbody>@foreach ($table->fabrics as $fabric)
                <tr><th scope="row">{{ $fabric['letter'] }} {{ $fabric['name'] }}</th>
                    @foreach (array_keys(__('kits.yardage.kinds')) as $kind)<td class="is-number">{{ $fabric['precuts'][$kind] ?? '–' }}</td>@endforeach</tr>
            @endforeach</tbody></table></div>
    </section>
</x-layout.host>
