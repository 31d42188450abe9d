@props(['title', 'body' => '', 'page' => '', 'words' => null, 'picture' => null,
    'sheet' => str_starts_with($body ?? '', 'player') ? 'player' : 'teacher'])
@use('Fravel\Support\Palette')
<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Fravel</title>
    <meta name="description" content="{{ __(str_starts_with($body, 'player') ? 'play.about' : 'layout.about') }}">
    <meta name="theme-color" content="{{ Palette::COLOURS['ink'] }}">
    <link rel="icon" href="/lamp.svg" type="image/svg+xml">
    <link rel="apple-touch-icon" href="/icons/apple-touch-icon.png">
    <link rel="manifest" href="/manifest.webmanifest">
    <noscript><link rel="stylesheet" href="/without-scripts.css"></noscript>
    @if ($picture)
        {{-- A picture in a drawing is found only when the drawing is made. --}}
        <link rel="preload" as="image" href="{{ $picture }}" fetchpriority="high">
    @endif
    @vite(["resources/css/{$sheet}.css", 'resources/js/app.js'])
</head>
<body class="{{ $body }} {{ str_starts_with($body, 'player') ? 'on-ink text-lead' : '' }}" data-page="{{ $page }}"
    data-icons="{{ Vite::asset('resources/icons/sprite.svg') }}">
{{ $slot }}
@if ($words)
    <script type="application/json" id="catalogue">
        {!! json_encode($words, JSON_HEX_TAG | JSON_UNESCAPED_UNICODE) !!}
    </script>
@endif
</body>
</html>
