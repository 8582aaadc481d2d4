@props(['size', 'scale' => 'small', 'notation' => Dew\Core\Measure\Notation::Fractions])
@php($figure = fn ($length) => App\Presentation\Shared\Figure::of(Dew\Core\Measure\Measurement::exact($length),
    App\Presentation\Shared\SizeKind::Finished, $notation))
<x-figure :figure="$figure($size->width)" :second="$figure($size->height)" :size="$scale"/>
