@props(['look', 'palette', 'side' => 64, 'letters' => true, 'label' => null, 'numbered' => null])
{!! $look->svg($palette, $side, $letters, $label, $numbered) !!}
