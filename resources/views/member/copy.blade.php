<x-layout.member :title="__('copy.title')" :project="$project" place="now">
    <h1>{{ __('copy.title') }}</h1>
    <p>{{ __('copy.why', ['host' => $project->quiltAlong->host_name]) }}</p>
    <p class="lead">{{ $project->quiltAlong->copy_question }}</p>
    <form method="post" action="{{ route('member.copy.update', $project) }}" class="stack">@csrf @method('PUT')
        <x-field name="word" :label="__('copy.word')" maxlength="80" required autocomplete="off"/>
        <button class="btn btn-main">{{ __('copy.go') }}</button>
    </form>
</x-layout.member>
