@props(['size', 'scale' => 'small', 'notation' => app(App\Support\Words::class)->notation()])
@php($figure = fn ($length) => App\Wording\Figure::of(Dew\Core\Measure\Measurement::exact($length),
    App\Wording\SizeKind::Finished, $notation))
<x-figure :figure="$figure($size->width)" :second="$figure($size->height)" :size="$scale"/>
