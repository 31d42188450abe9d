{{-- What an answer is made of, as it looks: its picture, its words, or both. --}}
@if ($screen->edition->url($item['asset'] ?? null))<img src="{{ $screen->edition->url($item['asset']) }}" alt="{{
    $screen->plain($item['md']) === '' ? $screen->edition->alt($item['asset']) : ''
}}" draggable="false">@endif
@if ($item['md'] !== '')<span {{ $screen->speaks() }}>{!! $screen->inline($item['md']) !!}</span>@endif
