@if (isset($picture->blocks[$of]))@foreach ($picture->blocks[$of] as $part)<g transform="{{ $part['transform'] }}">@include('print.layout-part', ['of' => $part['of']])</g>@endforeach
@else @foreach ($picture->units[$of] ?? [] as $shape)<path d="{{ $shape->path }}" fill="{{ $shape->fill }}" stroke="#4d5b57" stroke-width="4"/>@endforeach @endif
