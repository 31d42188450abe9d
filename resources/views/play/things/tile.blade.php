{{-- What stands on a tile now; of a turned one also what it is called, kept small. --}}
@php($name = $thing['label'] ?: $screen->plain($thing['front']['md']))
@if ($screen->edition->url($thing['face']['asset']))
    <img src="{{ $screen->edition->url($thing['face']['asset']) }}" draggable="false"
        alt="{{ $screen->edition->alt($thing['face']['asset']) }}">
@endif
@if ($thing['face']['md'] !== '')
    <span class="words" {{ $screen->speaks() }}>{!! $screen->html($thing['face']['md']) !!}</span>
@endif
@if ($thing['lifted'] && $name !== '' && $name !== $screen->plain($thing['face']['md']))
    <span class="tile-name" {{ $screen->speaks() }}>{{ $name }}</span>
@endif
@include('play.behind')
