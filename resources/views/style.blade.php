<x-layout.plain :title="__('style.title')" wide>
    <h1>{{ __('style.title') }}</h1>
    <p class="lead">{{ __('style.lead') }}</p>
    <div class="style-grid">
        <section class="card" id="drops">
            <h2>{{ __('style.stitch') }}</h2>
            <x-stitch-line :drops="$page->drops" :current="2"/>
            <ul class="plain-list">@foreach (App\Presentation\Shared\StitchState::cases() as $state)<li><x-drop
                :state="$state"/> {{ $state->label() }}</li>@endforeach</ul>
        </section>
        <section class="card">
            <h2>{{ __('style.numbers') }}</h2>
            <p class="figure-row"><x-figure :figure="$page->figures[0]" size="big"/> <x-figure :figure="$page->figures[1]"
                size="big"/> <x-figure :figure="$page->figures[2]" size="big"/></p>
            <p class="figure-row"><x-figure :figure="$page->figures[0]" :second="$page->figures[1]"/> <x-figure
                :figure="$page->figures[3]"/> <x-figure :figure="$page->figures[4]"/> <x-figure :figure="$page->figures[2]"
                size="small"/></p>
            <h3>{{ __('style.fractions') }}</h3>
            <p>{{ implode('   ', $page->fractions) }}</p>
        </section>
        <section class="card">
            <h2>{{ __('style.type') }}</h2>
            <p class="serif big-title">{{ __('style.type_serif') }}</p>
            <p>{{ __('style.type_sans') }}</p>
        </section>
        <section class="card">
            <h2>{{ __('style.colours') }}</h2>
            <div class="chips">@foreach (['paper', 'sheet', 'wash', 'sage', 'sage-deep', 'madder', 'ochre'] as $name)<div
                class="chip chip-{{ $name }}">{{ $name }}</div>@endforeach</div>
        </section>
        <section class="card">
            <h2>{{ __('style.buttons') }}</h2>
            <p class="actions"><button class="btn btn-main">{{ __('style.button_main') }}</button> <button
                class="btn btn-other">{{ __('style.button_other') }}</button> <button
                class="btn btn-quiet">{{ __('style.button_quiet') }}</button> <button
                class="btn btn-danger">{{ __('style.button_danger') }}</button> <button
                class="btn btn-other" disabled>{{ __('style.button_disabled') }}</button></p>
        </section>
        <section class="card">
            <h2>{{ __('style.forms') }}</h2>
            <form method="get" action="{{ route('style') }}" class="stack">
                <x-field name="length" :label="__('style.field')" :hint="$reading ?? __('style.field_hint')" :value="request('length')"
                    autocomplete="off"/>
                <button class="btn btn-other">{{ __('style.try_button') }}</button>
            </form>
            <fieldset class="choices mt-3"><legend>{{ __('style.choice') }}</legend>
                <label class="choice"><input type="radio" name="choice" checked> <span
                    class="choice-name">{{ __('style.choice_one') }}</span></label>
                <label class="choice"><input type="radio" name="choice"> <span
                    class="choice-name">{{ __('style.choice_two') }}</span></label>
            </fieldset>
        </section>
        <section class="card">
            <h2>{{ __('style.counters') }}</h2>
            <x-counters :taps="route('style')" :counters="route('style')" queue="style">{!! $page->counter() !!}</x-counters>
        </section>
        <section class="card">
            <h2>{{ __('style.cloth') }}</h2>
            <p>{{ __('drawings.key') }}</p>
            <div class="chips"><x-picture :picture="$page->pictures->unit($page->task)"/> <x-picture
                :picture="$page->pictures->piece($page->task->making->pieces[0])"/></div>
        </section>
        <section class="card">
            <h2>{{ __('style.units') }}</h2>
            <div class="chips">@foreach ($page->units as $key => $picture)<figure class="unit-sample"><x-picture :picture="$picture"
                :scale="0.3"/><figcaption>{{ $key }}</figcaption></figure>@endforeach</div>
        </section>
        <section>
            <h2>{{ __('style.messages') }}</h2>
            <p class="message is-status">{{ __('style.message_status') }}</p>
            <p class="message is-warning">{{ __('style.message_warning') }}</p>
            <p class="message is-error">{{ __('style.message_error') }}</p>
        </section>
        <section class="card">
            <h2>{{ __('style.badges') }}</h2>
            <p class="actions">@foreach (App\Models\ClueState::cases() as $state)<x-state :state="$state"/>@endforeach</p>
        </section>
        <section class="card">
            <h2>{{ __('style.tables') }}</h2>
            <table class="table"><thead><tr><th scope="col">{{ __('style.unit_column') }}</th><th scope="col"
                class="num">{{ __('style.count_column') }}</th></tr></thead><tbody><tr><td>{{ __('style.unit') }}</td><td
                class="num">104</td></tr><tr><td>{{ __('style.unit') }}</td><td class="num">8</td></tr></tbody></table>
        </section>
        <section>
            <h2>{{ __('style.empty') }}</h2>
            <div class="empty"><p>{{ __('bench.empty') }}</p></div>
        </section>
    </div>
</x-layout.plain>
