<x-layout.member :title="__('fabrics.title')" :project="$project" place="fabrics">
    <h1>{{ __('fabrics.title') }}</h1>
    <p>{{ __('fabrics.intro') }}</p>
    <p><a class="btn btn-other" href="{{ route('member.values', $project) }}">{{ __('fabrics.values.open') }}</a>
        <a class="btn btn-other" href="{{ route('member.kits', $project) }}">{{ __('kits.member.open') }}</a></p>
    <p class="print-links">{{ __('prints.open') }}: @foreach (['chart', 'bags'] as $name)<a href="{{ route('member.print.'.$name, $project) }}">{{
        __('prints.names.'.$name) }}</a> @endforeach</p>
    <div class="fabric-cards">
        {!! $html !!}
    </div>
    <details class="own-cloth" @if ($errors->has('file')) open @endif>
        <summary>{{ __('stock.file.title') }}</summary>
        <p>@foreach (['json' => 'JSON', 'csv' => 'CSV'] as $format => $name)<a class="btn btn-quiet" href="{{ route('member.stock.file', [$project, $format])
            }}">{{ __('stock.file.save', ['format' => $name]) }}</a> @endforeach</p>
        <form method="post" action="{{ route('member.stock.read', $project) }}" class="stack" enctype="multipart/form-data">
            @csrf
            <x-field name="file" id="cloth-file" :label="__('stock.file.choose')"><input id="cloth-file" name="file" type="file" accept=".json,.csv"
                class="form-control" required></x-field>
            <button class="btn btn-other">{{ __('stock.file.read') }}</button>
        </form>
    </details>
</x-layout.member>
