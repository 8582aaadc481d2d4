<x-layout.host :title="__('design.title')" :quilt-along="$quiltAlong" place="design">
    <p class="message is-quiet"><x-icon name="lock"/> {{ __('design.secret') }}</p>
    <nav class="size-tabs" aria-label="{{ __('design.size') }}">
        @foreach ($announcement->sizes as $choice)
            <a
                href="{{ route('host.design', [$quiltAlong, 'size' => $choice->id, 'colourway' => $colourway->id]) }}" @class(['size-tab',
                    'is-here' => $choice->id === $size]) @if ($choice->id === $size) aria-current="page" @endif>{{ $choice->name }}</a>
        @endforeach
    </nav>
    <div class="design-pair">
        <figure class="design-picture">
            <x-quilt-picture :picture="App\Drawing\Host\QuiltPicture::of($sheet, $colourway)"
                :label="__('drawings.quilt', ['size' => $announcement->sizes[$size]->name])"/>
            <figcaption class="size-tabs">
                @foreach ($announcement->colourways as $choice)
                    <a
                        href="{{ route('host.design', [$quiltAlong, 'size' => $size, 'colourway' => $choice->id]) }}" @class(['size-tab',
                            'is-here' => $choice->id === $colourway->id])>{{ $choice->name }}</a>
                @endforeach
            </figcaption>
        </figure>
        <div>
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
        </div>
    </div>
</x-layout.host>
