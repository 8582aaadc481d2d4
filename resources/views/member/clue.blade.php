<x-layout.member :title="$page->sheet->title" :project="$project" place="clue">
    <div x-data="clue" data-taps="{{ route('member.taps.store', [$project, $number]) }}"
        data-counters="{{ route('member.counters.index', [$project, $number]) }}" data-queue="{{ $project->id }}.{{ $number }}"
        data-waiting="{{ __('counters.waiting') }}" data-failed="{{ __('counters.not_saved') }}">
        @include('clue.sheet', ['page' => $page, 'taps' => route('member.taps.store', [$project, $number]),
            'methodUrl' => route('member.method.update', [$project, $number]),
            'fabricsUrl' => route('member.fabrics', $project)])
    </div>
</x-layout.member>
