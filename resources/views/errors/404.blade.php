@php($withdrawn = ($exception ?? null) instanceof App\Plans\ClueWithdrawn)
<x-layout.error :heading="$withdrawn ? __('clues.withdrawn_heading') : __('errors.not_found')"
    :hint="$withdrawn ? __('clues.withdrawn_here') : __('errors.not_found_hint')"/>
