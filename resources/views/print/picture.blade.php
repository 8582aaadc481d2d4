<svg xmlns="http://www.w3.org/2000/svg" viewBox="-280 -20 {{ $picture->width + 300 }} {{ $picture->height + 40 }}" width="{{ $picture->width + 300 }}" height="{{ $picture->height + 40 }}">
@include('print.picture-shapes', ['picture' => $picture])
</svg>
