<x-layout.plain :title="__('join.heading', ['quilt' => $quiltAlong->name])">
    <h1>{!! __('join.heading', ['quilt' => '<span class="serif">'.e($quiltAlong->name).'</span>']) !!}</h1>
    <p
        class="lead"><x-sorts :quilt-along="$quiltAlong"/> ·
            {{ trans_choice('join.clues', count($announcement->minutes)) }}</p>
    @if ($quiltAlong->welcome)<div class="card">@foreach (preg_split('/\n\s*\n/', $quiltAlong->welcome) ?: [] as $paragraph)<p>{{ $paragraph
        }}</p>@endforeach</div>@endif
    @include('member.prepare', ['prepare' => $announcement->prepare, 'open' => true])
    @guest
        <h2>{{ __('join.sizes') }}</h2>
        <ul class="plain-list">
            @foreach ($announcement->sizes as $size)
                <li><span class="choice-name">{{ $size->name }}</span> <x-size :size="$size->finished"/></li>
            @endforeach
        </ul>
        <div class="card">
            <p>{{ __('join.sign_in_first') }}</p>
            <p class="actions"><a class="btn btn-main" href="{{ route('login') }}">{{ __('auth.sign_in') }}</a> <a class="btn btn-other"
                href="{{ route('register') }}">{{ __('auth.register') }}</a></p>
        </div>
    @else
        @if ($mine->isNotEmpty())
            <div class="card">
                <h2>{{ __('join.already_title') }}</h2>
                <p class="actions">
                    @foreach ($mine as $project)
                        <a class="btn btn-main"
                            href="{{ route('member.now', $project) }}">{{ __('join.open_mine', ['name' => $project->name]) }}</a>
                    @endforeach
                </p>
            </div>
            <h2>{{ __('join.second_start') }}</h2>
        @endif
        <form method="post" action="{{ route('join.store', $invitation) }}" class="stack">
            @csrf
            <input type="hidden" name="form" value="{{ old('form', (string) Illuminate\Support\Str::uuid()) }}">
            <x-size-choices :announcement="$announcement" :later="$announcement->sizeNeededAt !== null"/>
            <fieldset class="choices">
                <legend>{{ __('join.colourway') }}</legend>
                @foreach ($announcement->colourways as $colourway)
                    <label class="choice"><input type="radio" name="colourway"
                        value="{{ $colourway->id }}" @checked(old('colourway',
                            array_key_first($announcement->colourways)) === $colourway->id) required>
                        <span class="choice-name">{{ $colourway->name }}</span>
                        <span class="swatches">@foreach ($announcement->slots as $slot)<x-swatch :letter="$slot->letter"
                            :colour="$colourway->cloths[$slot->id]->colour"
                            :ink="App\Drawing\Ink::on($colourway->cloths[$slot->id]->colour)"/>@endforeach</span>
                    </label>
                @endforeach
                @error('colourway')<p class="field-error" role="alert">{{ $message }}</p>@enderror
            </fieldset>
            <x-field name="name" :label="__('join.name')" :hint="__('join.name_hint')" maxlength="80" autocomplete="off"/>
            @if ($mine->isNotEmpty())
                <label class="check"><input type="checkbox" class="form-check-input" name="second"
                    value="1" @checked(old('second'))> {{ __('join.second') }}</label>
                @error('second')<p class="field-error" role="alert">{{ $message }}</p>@enderror
            @endif
            <button
                class="btn {{ $mine->isEmpty() ? 'btn-main' : 'btn-other' }}">{{ $mine->isEmpty() ? __('join.join')
                    : __('join.second_start') }}</button>
        </form>
    @endguest
</x-layout.plain>
