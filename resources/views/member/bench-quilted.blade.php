<section class="card"><p>{{ $result['how'] }}</p><p>{{ $result['edge'] }}</p>
    <ul>@foreach ($result['lines'] as $line)<li>{{ $line }}</li>@endforeach</ul></section>
@foreach ($result['blocks'] as $block)
    <section class="card"><h2>{{ $block['name'] }}</h2>
        <div class="table-frame" tabindex="0" role="region" aria-label="{{ $block['name'] }}"><table class="table">
            <thead><tr><th scope="col">{{ __('benchwork.quilted.layer') }}</th>@foreach (__('benchwork.quilted.moments') as $moment)<th scope="col">{{ $moment }}</th>@endforeach</tr></thead>
            <tbody>@foreach ($block['layers'] as $layer => $sizes)<tr><th scope="row">{{ __('benchwork.quilted.layers.'.$layer) }}</th>@foreach ($sizes as $size)<td>{{ $size }}</td>@endforeach</tr>@endforeach</tbody>
        </table></div>
        <p>{{ $block['counted'] }}</p><p>{{ $block['clear'] }}</p></section>
@endforeach
<section class="card"><ul>@foreach (__('benchwork.quilted.rules') as $rule)<li>{{ $rule }}</li>@endforeach</ul></section>
