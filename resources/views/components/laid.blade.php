{{-- What is laid in a block: each thing is drawn once and then used. --}}
@props(['study', 'palette', 'name', 'laid'])
@php([$left, $top] = $study->off())
@php($id = fn ($product) => $name.'-'.str_replace(['.', '=', '/'], '-', $product))
<defs>@foreach ($study->looks as $product => $look)<g id="{{ $id($product) }}">@foreach (App\Drawing\Shape::bySlot($look->patches) as $slot => $path)<path
    class="cloth" d="{{ $path }}" fill="{{ $palette->paint($slot) }}"/>@endforeach</g>@endforeach</defs>
@foreach ($laid as $one)<use href="#{{ $id($one['product']) }}" transform="translate({{ $one['x'] - $left }} {{ $one['y'] - $top }}){{ $one['turn']
    === 0 ? '' : ' rotate('.$one['turn'].')' }}"/>@endforeach
