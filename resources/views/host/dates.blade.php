@php($what = $asked['what'] ?: 'rule')
@php($field = fn ($name) => $asked[$name] ?? '')
<x-layout.host :title="__('calendar.title')" :quilt-along="$quiltAlong" place="clues">
    <p class="lead-line">{{ __('calendar.lead') }}</p>
    @foreach ($plan->rough() as $clue)
        <p class="field-hint">{{ __('calendar.rough', ['number' => $clue->number, 'about' => $clue->about]) }}</p>
    @endforeach
    <datalist id="zones">@foreach (DateTimeZone::listIdentifiers() as $zone)<option value="{{ $zone }}"></option>@endforeach</datalist>
    @if ($plan->isOver())
        <p class="message is-status">{{ __('calendar.nothing') }}</p>
    @else
        @foreach (['rule' => ['first', 'every', 'pace', 'time', 'zone', 'skipped', 'last'], 'list' => ['dates', 'time', 'zone'], 'shift' =>
            ['days'], 'pull' => ['by']] as $one => $fields)
            <details class="card date-way" @if ($what === $one) open @endif>
                <summary>{{ __('calendar.whats.'.$one) }}</summary>
                <form method="get" action="{{ route('host.dates', $quiltAlong) }}" class="inline-fields">
                    <input type="hidden" name="what" value="{{ $one }}">
                    <div class="field"><label class="form-label" for="{{ $one }}-from">{{ __('calendar.from') }}</label><select
                        class="form-select" id="{{ $one }}-from" name="from">@foreach ($plan->clues as $clue)@if ($clue->isToCome())<option value="{{ $clue->number }}" @selected((int) $field('from') ===
                        $clue->number)>{{ $clue->number }} · {{ $clue->title }}</option>@endif @endforeach</select></div>
                    @foreach ($fields as $name)
                        @php($id = "$one-$name")
                        @php($value = $what === $one && $asked['what'] !== '' ? $field($name) : ['time' => '09:00', 'zone' =>
                            $quiltAlong->zone,
                            'every' => '1', 'pace' => 'weeks'][$name] ?? '')
                        @php($wrong = $what === $one ? ($plan->errors[$name] ?? $errors->first($name)) : '')
                        <div class="field{{ in_array($name, ['every', 'days'], true) ? ' is-short' : '' }}">
                            <label class="form-label" for="{{ $id }}">{{ __('calendar.'.$name) }}</label>
                            @if ($name === 'pace')
                                <select class="form-select" id="{{ $id }}" name="pace">@foreach (__('calendar.paces') as $pace =>
                                    $called)<option
                                    value="{{ $pace }}" @selected($pace === $value)>{{ $called }}</option>@endforeach</select>
                            @else
                                <input @class(['form-control', 'is-invalid' => $wrong]) id="{{ $id }}" name="{{ $name }}" value="{{ $value
                                    }}"
                                    type="{{ ['first' => 'date', 'last' => 'date', 'by' => 'date', 'time' => 'time'][$name] ?? 'text' }}"
                                    @if ($name === 'zone') list="zones" @endif autocomplete="off" @if ($wrong) aria-invalid="true"
                                    aria-describedby="{{ $id }}-note" @endif @required(! in_array($name, ['skipped', 'last'], true))>
                            @endif
                            @if ($wrong)<p class="field-error" id="{{ $id }}-note" role="alert">{{ $wrong }}</p>@endif
                        </div>
                    @endforeach
                    <button class="btn btn-other">{{ __('calendar.look') }}</button>
                </form>
                @if ($what === $one)
                    @foreach (array_diff_key($plan->errors, array_flip($fields)) as $message)<p class="field-error" role="alert">{{ $message
                        }}</p>@endforeach
                @endif
            </details>
        @endforeach
    @endif
    @if ($plan->times !== [] && $plan->errors === [])
        @if ($plan->changed() === [])
            <p class="message is-status">{{ __('calendar.same') }}</p>
        @else
            <form method="post" action="{{ route('host.dates.update', $quiltAlong) }}" class="actions">
                @csrf @method('put')
                @foreach ($asked as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
                <button class="btn btn-main">{{ __('calendar.set') }}</button>
            </form>
        @endif
    @endif
    <h2 class="section-title">{{ __('calendar.calendar') }}</h2>
    <p class="actions"><a class="btn btn-other" href="{{ route('host.dates.file', $quiltAlong) }}">{{ __('calendar.download') }}</a></p>
    <div class="months">
        @foreach ($plan->months() as $month)
            <table class="month"><caption>{{ $month['title'] }}</caption>
                <thead><tr>@for ($day = 0; $day < 7; $day++)<th scope="col">{{ now()->startOfWeek()->addDays($day)->isoFormat('dd')
                    }}</th>@endfor</tr></thead>
                <tbody>
                    @foreach ($month['weeks'] as $week)
                        <tr>@foreach ($week as $day)
                            @php($stays = $day === null ? [] : array_intersect($day['now'], $day['then']))
                            <td @class(['is-now' => $day !== null && $day['now'] !== [], 'is-then' => $day !== null && $day['then'] !==
                                []])>
                                @if ($day !== null)
                                    {{ $day['day'] }}
                                    @foreach (array_diff($day['now'], $stays) as $number)
                                        <span class="day-clue is-gone">{{ __('calendar.clue', ['number' => $number]) }} {{ __('calendar.now')
                                            }}</span>
                                    @endforeach
                                    @foreach ($day['then'] as $number)
                                        <span class="day-clue">{{ __('calendar.clue', ['number' => $number]) }}@unless (in_array($number,
                                            $stays, true)) {{
                                            __('calendar.then') }}@endunless</span>
                                    @endforeach
                                @endif
                            </td>
                        @endforeach</tr>
                    @endforeach
                </tbody></table>
        @endforeach
    </div>
</x-layout.host>
