<x-layout.member :title="$page->sheet->title" :project="$project" place="clue">
    <div x-data="clue" data-taps="{{ route('member.taps.store', [$project, $number]) }}"
        data-counters="{{ route('member.counters.index', [$project, $number]) }}" data-queue="{{ $project->id }}.{{ $number }}"
        data-waiting="{{ __('counters.waiting') }}" data-failed="{{ __('counters.not_saved') }}">
        <p class="message is-warning" role="alert" hidden x-bind:hidden="isSignedIn">{{ __('counters.signed_out') }}
            <a href="{{ route('member.clues.show', [$project, $number]) }}">{{ __('counters.sign_in') }}</a></p>
        @include('clue.sheet', ['page' => $page, 'taps' => route('member.taps.store', [$project, $number]),
            'methodUrl' => route('member.method.update', [$project, $number]),
            'fabricsUrl' => route('member.fabrics', $project)])
    </div>
</x-layout.member>
