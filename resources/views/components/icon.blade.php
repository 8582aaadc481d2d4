@props(['name'])
@php($paths = [
    'now' => 'M12 3c3.8 5 6.5 8 6.5 11.5a6.5 6.5 0 0 1-13 0C5.5 11 8.2 8 12 3z',
    'clue' => 'M6 3h9l4 4v14H6zM15 3v4h4M9 12h7M9 16h7',
    'fabrics' => 'M4 8l8-4 8 4-8 4zM4 12l8 4 8-4M4 16l8 4 8-4',
    'bench' => 'M3 9h18M5 9v10M19 9v10M9 5h6v4H9z',
    'settings' => 'M4 7h9M17 7h3M4 17h3M11 17h9M15 4.5v5M9 14.5v5',
    'person' => 'M12 12a4 4 0 1 0 0-8 4 4 0 0 0 0 8zM5 20c0-4 3.5-6 7-6s7 2 7 6',
    'desk' => 'M3 6h18v9H3zM8 20h8M12 15v5',
    'design' => 'M4 4h16v16H4zM12 4v16M4 12h16M4 12l8-8M12 20l8-8',
    'clues' => 'M3 12h3M9 12h3M15 12h3M20 12h1M6 6v12M14 6v12',
    'people' => 'M9 11a3.5 3.5 0 1 0 0-7 3.5 3.5 0 0 0 0 7zM3 20c0-4 3-6 6-6s6 2 6 6M16 5a3 3 0 0 1 0 6M17 14c2.5.5 4 2.5 4 6',
    'kits' => 'M4 9h16v11H4zM4 9l3-5h10l3 5M12 4v5M9.5 14h5',
    'home' => 'M4 11l8-7 8 7v9H4zM10 20v-6h4v6',
    'theme' => 'M12 4a8 8 0 1 0 8 8 6 6 0 0 1-8-8z',
    'minus' => 'M6 12h12',
    'undo' => 'M9 7L4 12l5 5M4 12h10a5 5 0 0 1 5 5v1',
    'redo' => 'M15 7l5 5-5 5M20 12H10a5 5 0 0 0-5 5v1',
    'down' => 'M12 5v14M6 13l6 6 6-6',
    'up' => 'M12 19V5M6 11l6-6 6 6',
    'grip' => 'M9 6h.01M15 6h.01M9 12h.01M15 12h.01M9 18h.01M15 18h.01',
    'earlier' => 'M19 12H5M11 6l-6 6 6 6',
    'later' => 'M5 12h14M13 6l6 6-6 6',
    'check' => 'M5 13l4 4L19 7',
    'warning' => 'M12 4l9 16H3zM12 10v4M12 17h.01',
    'lock' => 'M6 11h12v9H6zM8.5 11V8a3.5 3.5 0 0 1 7 0v3',
])
<svg {{ $attributes->class('icon') }} viewBox="0 0 24 24" width="22" height="22" fill="none" stroke="currentColor" stroke-width="1.8"
    stroke-linecap="round" stroke-linejoin="round" aria-hidden="true"><path d="{{ $paths[$name] }}"/></svg>
