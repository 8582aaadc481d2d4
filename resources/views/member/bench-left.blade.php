<section class="card">
    @if ($result['pieces'] === [])<p>{{ __('benchwork.left.none') }} <a href="{{ route('member.fabrics', $project) }}">{{ __('benchwork.left.to_cloth') }}</a></p>@else
    <div class="table-frame" tabindex="0" role="region" aria-label="{{ __('benchwork.tabs.left') }}"><table class="table">
        <thead><tr>@foreach (__('benchwork.left.heads') as $head)<th scope="col">{{ $head }}</th>@endforeach</tr></thead>
        <tbody>@foreach ($result['pieces'] as $piece)<tr><th scope="row">{{ $piece['name'] }}</th><td>{{ $piece['size'] }}</td><td>{{ $piece['use'] }}</td></tr>@endforeach</tbody>
    </table></div>@endif
</section>
