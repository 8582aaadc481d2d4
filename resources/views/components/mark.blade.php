<svg class="dew-mark" viewBox="0 0 32 32" width="24" height="24" aria-hidden="true"><path
    d="M16 3c5 7 9 11 9 16a9 9 0 0 1-18 0c0-5 4-9 9-16z" fill="currentColor"/><path class="mark-stitch" d="M10.5 20h3M15 20h3M19.5 20h3"
    stroke-width="2" stroke-linecap="round"/></svg>
