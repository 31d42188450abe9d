@props(['title', 'body' => '', 'page' => '', 'words' => null])
<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Fravel</title>
    <link rel="icon" href="/lamp.svg" type="image/svg+xml">
    <noscript><link rel="stylesheet" href="/without-scripts.css"></noscript>
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body class="{{ $body }}" data-page="{{ $page }}">
{{ $slot }}
@if ($words)<script type="application/json" id="catalogue">{!! json_encode($words, JSON_HEX_TAG | JSON_UNESCAPED_UNICODE) !!}</script>@endif
</body>
</html>
