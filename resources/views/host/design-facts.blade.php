<p class="figure-row">
    <span>{{ __('design.finished') }} <x-size :size="$sheet->finished" scale="big"/></span>
    <span>{{ __('design.block_size') }} <x-size :size="$sheet->block" scale="normal"/></span>
</p>
<table class="table">
    <caption>{{ __('design.made_in') }}</caption>
    <thead><tr><th scope="col">{{ __('design.blocks') }}</th><th scope="col"
        class="num">{{ __('design.count') }}</th></tr></thead>
    <tbody>@foreach ($sheet->blockCounts as $id => $count)<tr><td>{{ $sheet->blockNames[$id] }}</td><td
        class="num">{{ $count }}</td></tr>@endforeach</tbody>
    <thead><tr><th scope="col">{{ __('design.units') }}</th><th scope="col"
        class="num">{{ __('design.count') }}</th></tr></thead>
    <tbody>@foreach ($sheet->unitCounts as $id => $count)<tr><td>{{ $sheet->unitNames[$id] }}</td><td
        class="num">{{ $count }}</td></tr>@endforeach</tbody>
</table>
<h2>{{ __('design.fabrics') }}</h2>
<ul class="plain-list fabric-list">
    @foreach ($announcement->slots as $slot)
        <li><x-swatch :letter="$slot->letter" :colour="$colourway->cloths[$slot->id]->colour"
            :ink="App\Drawing\Ink::on($colourway->cloths[$slot->id]->colour)"/> {{ $slot->name }} <small>{{ $colourway->cloths[$slot->id]->name }}</small></li>
    @endforeach
</ul>
