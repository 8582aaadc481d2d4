@foreach ($result['lines'] as $line)<p>{{ $line }}</p>@endforeach
@if ($result['remnants'] !== [])<ul class="tick-list">@foreach ($result['remnants'] as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
<section class="card">@foreach ($result['sleeve'] as $line)<p>{{ $line }}</p>@endforeach</section>
