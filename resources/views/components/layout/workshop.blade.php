@props(['title', 'quiltAlong', 'here'])
{{-- A page of the design that holds no panels: versions, comparisons, the library. --}}
<x-layout.host :title="$title" :quilt-along="$quiltAlong" place="design">
    <x-workshop-tabs :quilt-along="$quiltAlong" :here="$here"/>
    {{ $slot }}
</x-layout.host>
