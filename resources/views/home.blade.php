<x-layout.plain :title="__('home.title')" wide>
    <h1>{{ __('home.title') }}</h1>
    @foreach ($left as $project)
        <div class="message is-status pending">
            <span>{{ __('home.left', ['name' => $project->name, 'quilt_along' => $project->quiltAlong->name,
                'hours' => max(1, (int) ceil(now()->diffInHours($project->deleted_at->addHours(App\Actions\RemoveQuilt::UNDO_HOURS))))]) }}</span>
            <form method="post" action="{{ route('project.back', $project) }}">@csrf
                <button class="btn btn-other">{{ __('home.bring_back') }}<span class="visually-hidden">: {{ $project->name }}</span></button></form>
        </div>
    @endforeach
    @if ($hosted->isEmpty() && $projects->isEmpty())
        <div class="empty"><p>{{ __('home.none') }}</p></div>
    @endif
    @if ($projects->isNotEmpty())
        <h2>{{ __('home.making') }}</h2>
        <ul class="tiles">
            @foreach ($projects as $project)
                <li><a class="tile" href="{{ route('member.now', $project) }}">
                    <span class="serif tile-name">{{ $project->quiltAlong->name }}</span>
                    <span>{{ $project->name }}</span>
                    <small><x-sorts :quilt-along="$project->quiltAlong"/></small>
                </a></li>
            @endforeach
        </ul>
    @endif
    @if ($hosted->isNotEmpty())
        <h2>{{ __('home.hosted') }}</h2>
        <ul class="tiles">
            @foreach ($hosted as $membership)
                <li><a class="tile" href="{{ route('host.desk', $membership->quiltAlong) }}">
                    <span class="serif tile-name">{{ $membership->quiltAlong->name }}</span>
                    <span>{{ __('home.role.'.$membership->role->value) }}</span>
                    <small>
                        <x-sorts :quilt-along="$membership->quiltAlong"/>
                    </small>
                </a></li>
            @endforeach
        </ul>
    @endif
    <p class="actions"><a class="btn {{ $hosted->isEmpty() && $projects->isEmpty() ? 'btn-main' : 'btn-other' }}"
        href="{{ route('join') }}">{{ __('home.join') }}</a>
        <a class="btn btn-other" href="{{ route('start') }}">{{ __('home.start') }}</a></p>
</x-layout.plain>
