<x-layout.plain :title="__('join.title')">
    <h1>{{ __('join.title') }}</h1>
    <form method="post" action="{{ route('join.find') }}" class="stack">
        @csrf
        <x-field name="code" :label="__('join.code')" :hint="__('join.code_hint')" autocomplete="off" autocapitalize="characters"
            spellcheck="false" required maxlength="40" class="code-input"/>
        <button class="btn btn-main">{{ __('join.find') }}</button>
    </form>
</x-layout.plain>
