<x-layout.workshop :title="__('workshop.split.title')" :quilt-along="$quiltAlong" here="clues">
    <p class="lead-line">{{ __('workshop.split.lead') }}</p>
    <form method="get" class="inline-fields">
        <div class="field is-short"><label class="form-label" for="split-clues">{{ __('workshop.split.how_many') }}</label><input
            class="form-control" type="number" id="split-clues" name="clues" min="1" max="{{ $most }}" value="{{ $clues }}" required></div>
        <label class="check"><input class="form-check-input" type="checkbox" name="secret" value="1" @checked($isMystery)>
            {{ __('workshop.split.secret') }}</label>
        <button class="btn btn-other">{{ __('workshop.split.ask') }}</button>
    </form>
    @if ($study === null)
        <p class="message is-warning">{{ __('workshop.split.cannot') }} <a href="{{ route('host.proof', $quiltAlong) }}">{{
            __('workshop.proof') }}</a></p>
    @else
        @include('workshop.split-together')
        @php($most = max([1, ...array_map(fn ($minutes) => max([0, ...array_values($minutes)]), [...$study->now, ...$study->then])]))
        @php($shared = array_filter($rows, fn ($row) => $row !== null))
        @php($heaviest = fn ($clues) => max([0, ...array_map(fn ($minutes) => max([0, ...array_values($minutes)]),
            array_intersect_key($clues, $shared))]))
        <p><b>{{ __('workshop.split.cost', ['heaviest' => $heaviest($study->then), 'now' => $heaviest($study->now)]) }}</b>
            {{ __('workshop.split.counted') }}
            {{ $study->above === 0.0 ? __('workshop.split.best')
                : __('workshop.split.bound', ['above' => number_format(max(0.1, 100 * $study->above), 1)]) }}
            @if ($study->kept !== []){{ trans_choice('workshop.split.kept', count($study->kept)) }}@endif</p>
        <form method="post" action="{{ route('host.split.take', $quiltAlong) }}">
            @csrf
            <input type="hidden" name="clues" value="{{ $clues }}"><input type="hidden" name="secret" value="{{ $isMystery ? 1 : 0 }}">
            <div class="table-scroll" role="region" tabindex="0" aria-label="{{ __('workshop.split.title') }}"><table
                class="table is-tight split-table">
                <thead><tr><th scope="col">{{ __('split.clue') }}</th><th scope="col">{{ __('workshop.split.makes') }}</th>
                    @foreach ($study->sizes as $name)<th scope="col">{{ $name }}</th>@endforeach</tr></thead>
                <tbody>
                    @for ($number = 0; $number < max(count($study->now), count($study->then)); $number++)
                        <tr><th scope="row">{{ $number + 1 }}</th>
                            <td>@if (array_key_exists($number, $rows) && $rows[$number] === null){{ __('workshop.split.is_kept') }}@else{{
                                implode(', ', $rows[$number] ?? []) ?: __('workshop.split.nothing_here') }}@endif</td>
                            @foreach (array_keys($study->sizes) as $size)
                                <td>@foreach (['now', 'then'] as $which)
                                    @php($minutes = $study->{$which}[$number][$size] ?? 0)
                                    <span class="split-load"><span class="split-which">{{ __('workshop.split.'.$which) }}</span>
                                        <svg class="load-bar" viewBox="0 0 100 8" preserveAspectRatio="none" aria-hidden="true"><rect
                                        width="100" height="8"/><rect class="load-full is-{{ $which }}" width="{{ round(100 * $minutes /
                                        $most, 1) }}" height="8"/></svg> {{ $minutes }}</span>
                                @endforeach</td>
                            @endforeach</tr>
                    @endfor
                </tbody>
            </table></div>
            @if ($study->moved === [])
                <p class="message is-status">{{ __('workshop.split.same') }}</p>
            @else
                <fieldset class="split-moves"><legend>{{ __('workshop.split.moves') }}</legend>
                    @foreach ($study->moved as $product => $name)
                        <label class="check"><input class="form-check-input" type="checkbox" name="take_{{ $loop->index }}" value="{{
                            $product }}">
                            {{ $name }}</label>
                    @endforeach
                </fieldset>
                <p class="actions">
                    <button class="btn btn-main" name="all" value="1">{{ __('workshop.split.take_all') }}</button>
                    <button class="btn btn-other">{{ __('workshop.split.take_some') }}</button>
                    <a class="btn btn-quiet" href="{{ route('host.draft.clues', $quiltAlong) }}">{{ __('workshop.split.leave') }}</a>
                </p>
            @endif
        </form>
    @endif
</x-layout.workshop>
