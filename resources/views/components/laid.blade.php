{{-- What is laid in a block: each thing drawn once and then used, or, of a block of many places, one path for each fabric. --}}
@props(['study', 'palette', 'name', 'laid'])
@php([$left, $top] = $study->off())
@php($id = fn ($product) => $name.'-'.str_replace(['.', '=', '/'], '-', $product))
@php($merged = $study->merged($laid))
@if ($merged !== null)
    @foreach ($merged as $slot => $path)<path class="cloth" d="{{ $path }}" fill="{{ $palette->paint($slot) }}"/>@endforeach
@else
    <defs>
        @foreach ($study->looks as $product => $look)
            <g id="{{ $id($product) }}">@foreach ($look->patches as $patch)<path class="cloth" d="{{ $patch['path'] }}" fill="{{
                $palette->paint($patch['slot']) }}"/>@endforeach</g>
        @endforeach
    </defs>
    @foreach ($laid as $one)<use href="#{{ $id($one['product']) }}" transform="translate({{ $one['x'] - $left }} {{ $one['y'] - $top }}) rotate({{
        $one['turn'] }})"/>@endforeach
@endif
