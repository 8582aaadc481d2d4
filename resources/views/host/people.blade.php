<x-layout.host :title="__('people.title')" :quilt-along="$quiltAlong" place="people">
    <div class="people-head">
        <form method="get" action="{{ route('host.people', $quiltAlong) }}" class="search-form" role="search">
            <x-field name="search" type="search" :label="__('people.search')" :value="$search" maxlength="80"/>
            <button class="btn btn-other">{{ __('people.search_button') }}</button>
        </form>
    </div>
    @foreach ($removed as $project)
        <div class="message is-status pending">
            <span>{{ __('people.removed_lately', ['quilt' => $project->name, 'name' => $project->user->name]) }}</span>
            @can('run', $quiltAlong)
                <form method="post" action="{{ route('host.people.back', [$quiltAlong, $project->id]) }}">@csrf
                    <button class="btn btn-other">{{ __('people.bring_back') }}<span class="visually-hidden">: {{ $project->name }}</span></button></form>
            @endcan
        </div>
    @endforeach
    @if ($grid->projects->isEmpty())
        <div class="empty"><p>{{ __($search === '' ? 'people.none' : 'people.none_found') }}</p></div>
    @else
        <p>{{ trans_choice('people.count', $grid->projects->total()) }}</p>
        <div class="table-frame" tabindex="0" role="region" aria-label="{{ __('people.grid') }}">
            <table class="table progress-grid">
                <caption class="visually-hidden">{{ __('people.grid') }}</caption>
                <thead>
                    <tr>
                        <th scope="col">{{ __('people.member') }}</th>
                        <th scope="col">{{ __('people.size') }}</th>
                        @foreach ($grid->clues as $clue)
                            <th scope="col" class="clue-column"><span title="{{ $clue->title }}">{{ $clue->number }}</span></th>
                        @endforeach
                        <th scope="col">{{ __('people.top') }}</th>
                        @can('run', $quiltAlong)<th scope="col"><span class="visually-hidden">{{ __('people.remove') }}</span></th>@endcan
                    </tr>
                </thead>
                <tbody>
                    @foreach ($grid->projects as $project)
                        <tr>
                            <th scope="row">{{ $project->member }} <small>{{ $project->name }}</small></th>
                            <td>{{ $grid->sizeName($project) }}</td>
                            @foreach ($grid->drops($project) as $drop)
                                {{-- Each mark is drawn once for the page, not once for each cell. --}}
                                @php($marks[$drop->state->value] ??= view('host.mark', ['state' => $drop->state])->render())
                                <td class="clue-column">{!! $marks[$drop->state->value] !!}@if ($drop->done !== null && $drop->total)<span class="cell-count">{{ $drop->done }}<span class="cell-of">/{{ $drop->total }}</span></span>@endif</td>
                            @endforeach
                            <td>{{ $grid->top($project) }}</td>
                            @can('run', $quiltAlong)
                                <td><details class="ask"><summary class="btn btn-quiet">{{ __('people.remove') }}<span class="visually-hidden">: {{
                                    $project->member }}, {{ $project->name }}</span></summary>
                                    <form method="post" action="{{ route('host.people.remove', [$quiltAlong, $project->id]) }}">@csrf @method('delete')
                                        <p>{{ __('people.remove_says', ['quilt' => $project->name, 'name' => $project->member]) }}
                                            @if ($quiltAlong->many_hands){{ __('people.remove_parts') }}@endif</p>
                                        <button class="btn btn-danger">{{ __('people.remove_do') }}</button></form></details></td>
                            @endcan
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        {{ $grid->projects->links('components.pages') }}
    @endif
    <section class="card" aria-labelledby="code">
        <h2 id="code" class="eyebrow">{{ __('people.code') }}</h2>
        @include('host.invitation')
    </section>
</x-layout.host>
