<x-layout.member :title="__('quilt.choose_size')" :project="$project" place="clue">
    <p class="eyebrow">{{ __('quilt.clue_waits', ['number' => $clue->number]) }}</p>
    <h1>{{ __('quilt.choose_size') }}</h1>
    <p class="lead">{{ __('quilt.choose_size_why') }}</p>
    <form method="post" action="{{ route('member.size.update', $project) }}" class="stack">
        @csrf @method('patch')
        <x-size-choices :announcement="$announcement"/>
        <button class="btn btn-main">{{ __('quilt.choose_this_size') }}</button>
    </form>
</x-layout.member>
