<x-layout.member :title="__('quilt.title')" :project="$project" place="quilt">
    <h1>{{ __('quilt.title') }}</h1>
    <form method="post" action="{{ route('member.project.update', $project) }}" class="stack">
        @csrf @method('patch')
        <x-field name="name" :label="__('quilt.name')" :value="$project->name" required maxlength="80" autocomplete="off"/>
        <x-field name="size_key" :label="__('quilt.size')" :hint="__('quilt.size_note')">
            <select id="size_key" name="size_key" class="form-select" aria-describedby="size_key-note">
                @foreach ($announcement->sizes as $size)
                    <option
                        value="{{ $size->id }}" @selected(old('size_key',
                            $project->size_later ? 'later' : $project->size_key) === $size->id)>{{ $size->name }}</option>
                @endforeach
                @if ($maySizeStayOpen)
                    <option
                        value="later" @selected(old('size_key',
                            $project->size_later ? 'later' : $project->size_key) === 'later')>{{ __('join.size_later') }}</option>
                @endif
            </select>
        </x-field>
        <x-field name="colourway_key" :label="__('quilt.colourway')">
            <select id="colourway_key" name="colourway_key" class="form-select">
                @foreach ($announcement->colourways as $colourway)
                    <option
                        value="{{ $colourway->id }}" @selected(old('colourway_key',
                            $project->colourway_key) === $colourway->id)>{{ $colourway->name }}</option>
                @endforeach
            </select>
        </x-field>
        <x-field name="notation" :label="__('quilt.notation')">
            <select id="notation" name="notation" class="form-select">
                @foreach (Dew\Core\Measure\Notation::cases() as $notation)
                    <option
                        value="{{ $notation->value }}" @selected(old('notation',
                            $project->notation->value) === $notation->value)>{{ __('measure.notation.'.$notation->value) }}</option>
                @endforeach
            </select>
        </x-field>
        <x-field name="usable_width" :label="__('quilt.usable_width')" :value="$width"
            :hint="__('quilt.usable_width_hint', ['usual' => $usualWidth])" autocomplete="off" inputmode="text" maxlength="40"/>
        <button class="btn btn-main">{{ __('quilt.save') }}</button>
    </form>
    <section class="card feed" id="feed" aria-labelledby="feed-head">
        <h2 id="feed-head">{{ __('quilt.feed.title') }}</h2>
        <p class="field-hint">{{ __('quilt.feed.hint') }}</p>
        @if ($project->feed_key !== null)
            <label class="form-label" for="feed-address">{{ __('quilt.feed.address') }}</label>
            <input class="form-control" id="feed-address" value="{{ route('feed', $project->feed_key) }}" readonly>
        @endif
        <div class="actions">
            <form method="post" action="{{ route('member.feed.store', $project) }}">@csrf<button class="btn btn-other">{{
                __($project->feed_key === null ? 'quilt.feed.make' : 'quilt.feed.renew') }}</button></form>
            @if ($project->feed_key !== null)
                <form method="post" action="{{ route('member.feed.destroy', $project) }}">@csrf @method('delete')<button
                    class="btn btn-quiet">{{ __('quilt.feed.remove') }}</button></form>
            @endif
        </div>
    </section>
    <section class="card" aria-labelledby="leave-head">
        <h2 id="leave-head">{{ __('quilt.leave.title') }}</h2>
        <p class="field-hint">{{ __('quilt.leave.hint') }}</p>
        <details class="ask"><summary class="btn btn-danger">{{ __('quilt.leave.ask') }}</summary>
            <form method="post" action="{{ route('member.project.leave', $project) }}">@csrf @method('delete')
                <p>{{ __('quilt.leave.says', ['name' => $project->name]) }}
                    @if ($project->quiltAlong->many_hands){{ __('quilt.leave.parts') }}@endif</p>
                <button class="btn btn-danger">{{ __('quilt.leave.do', ['name' => $project->name]) }}</button></form></details>
    </section>
</x-layout.member>
