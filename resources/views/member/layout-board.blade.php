<div class="layout-page">
    <div>
        <div class="inline-fields">
            <label class="check"><input type="checkbox" class="form-check-input" data-grey> {{ __('layout.grey') }}</label>
            <a class="btn btn-quiet" href="{{ route('member.layout.print', $project) }}">{{ __('layout.print') }}</a>
        </div>
        <svg class="layout-picture is-board" viewBox="{{ $picture->box }}" role="group" aria-label="{{ __('layout.label') }}"
            data-other="{{ $other }}" data-arrangement="{{ $row->id ?? 0 }}" data-revision="{{ $row->revision ?? 0 }}"
            data-may="{{ $sheet->arrange }}" data-quarter="{{ $sheet->block->isSquare() ? 90 : 180 }}">
            @include('member.layout-defs', ['picture' => $picture])
            @foreach ($picture->frame as $shape)<path class="cloth" d="{{ $shape->path }}" fill="{{ $shape->fill }}"/>@endforeach
            @foreach ($picture->places as $number => $place)
                <g class="layout-place" @if ($sheet->arrange !== 'as-laid') tabindex="{{ $number === 0 ? 0 : -1 }}" role="button" @endif data-place="{{ $number }}"
                    data-column="{{ $grid[$number][0] }}" data-row="{{ $grid[$number][1] }}" data-x="{{ $place['middle'][0] }}"
                    data-y="{{ $place['middle'][1] }}" aria-label="{{ $names[$number] }}"><g class="layout-block"><use href="#{{ $place['of'] }}"
                    transform="{{ $place['transform'] }}"/></g><path class="layout-edge" d="{{ $picture->outline }}"
                    transform="{{ $place['transform'] }}"/></g>
            @endforeach
        </svg>
        @if ($sheet->arrange !== 'as-laid')<p class="field-hint">{{ __($sheet->arrange === 'free' ? 'layout.keys' : 'layout.keys_swap') }}</p>@endif
    </div>
    <div class="stack">
        <section class="card" aria-labelledby="again"><h2 id="again">{{ __('layout.again') }}</h2>
            @if ($warnings === [])<p>{{ __('layout.nothing') }}</p>@else
            <ul class="layout-warnings">@foreach ($warnings as $warning)<li>{{ $warning }}</li>@endforeach</ul>@endif
        </section>
        <section class="card" aria-labelledby="missing"><h2 id="missing">{{ __('layout.missing') }}</h2>
            @if ($missing === [])<p>{{ __('layout.all_there') }}</p>@else
            <ul>@foreach ($missing as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
        </section>
        @if ($sheet->arrange !== 'as-laid')
        <details class="card"><summary>{{ __('layout.by_form') }}</summary>
            <form method="post" action="{{ route('member.layout.store', $project) }}" class="stack">
                @csrf
                <input type="hidden" name="other" value="{{ $other }}"><input type="hidden" name="arrangement" value="{{ $row->id ?? 0 }}">
                <input type="hidden" name="revision" value="{{ $row->revision ?? 0 }}">
                <div class="inline-fields">
                    @foreach (['first', 'second'] as $field)
                        <div class="field"><label class="form-label" for="{{ $field }}">{{ __('layout.'.$field) }}</label>
                            <select class="form-select" id="{{ $field }}" name="{{ $field }}">@foreach ($names as $number => $name)<option
                                value="{{ $number }}">{{ $name }}</option>@endforeach</select></div>
                    @endforeach
                </div>
                <div class="inline-fields">
                    <button class="btn btn-other" name="do" value="swap">{{ __('layout.swap') }}</button>
                    @if ($sheet->arrange === 'free')<button class="btn btn-other" name="do" value="turn">{{ __('layout.turn') }}</button>@endif
                </div>
            </form>
        </details>
        @endif
        @if ($sheet->arrange !== 'as-laid')
        <section class="card stack" aria-labelledby="kept"><h2 id="kept">{{ __('layout.kept') }}</h2>
            <form method="post" action="{{ route('member.layout.store', $project) }}" class="inline-fields">
                @csrf
                <input type="hidden" name="other" value="{{ $other }}"><input type="hidden" name="arrangement" value="{{ $row->id ?? 0 }}">
                <div class="field"><label class="form-label" for="keep-name">{{ __('layout.name') }}</label>
                    <input class="form-control" id="keep-name" name="name" maxlength="60" autocomplete="off"></div>
                <button class="btn btn-other" name="do" value="keep">{{ __('layout.keep') }}</button>
            </form>
            <div class="layout-kept">
                @if ($designed)
                    <form method="post" action="{{ route('member.layout.store', $project) }}">@csrf
                        <input type="hidden" name="other" value="{{ $other }}"><input type="hidden" name="arrangement" value="0">
                        @include('member.layout-drawing', ['picture' => $designed, 'label' => __('layout.hosts'), 'class' => 'is-small'])
                        <p><b>{{ __('layout.hosts') }}</b></p>
                        @if ($row)<button class="btn btn-quiet" name="do" value="choose">{{ __('layout.choose') }}</button>@else<p>{{ __('layout.in_use') }}</p>@endif
                    </form>
                @endif
                @foreach ($kept as $one)
                    <form method="post" action="{{ route('member.layout.store', $project) }}">@csrf
                        <input type="hidden" name="other" value="{{ $other }}"><input type="hidden" name="arrangement" value="{{ $one['row']->id }}">
                        @include('member.layout-drawing', ['picture' => $one['picture'], 'label' => $one['row']->name, 'class' => 'is-small'])
                        <p><b>{{ $one['row']->name }}</b></p>
                        @if ($one['row']->chosen)<p>{{ __('layout.in_use') }}</p>@else<button class="btn btn-quiet" name="do" value="choose">{{ __('layout.choose') }}</button>@endif
                        <button class="btn btn-quiet" name="do" value="forget">{{ __('layout.forget') }}<span class="visually-hidden"> {{ $one['row']->name }}</span></button>
                    </form>
                @endforeach
            </div>
        </section>
        @endif
    </div>
</div>
