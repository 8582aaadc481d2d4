<x-layout.member :title="$title" :project="$project" place="clue">
    <x-counters :taps="route('member.taps.store', [$project, $number])" :counters="route('member.counters.index', [$project, $number])"
        :queue="$project->id.'.'.$number" :sign-in="route('member.clues.show', [$project, $number])">
        {!! $html !!}
    </x-counters>
</x-layout.member>
