@if ($screen->edition->url($thing['asset']))
    @php($alt = $thing['label'] ?: $screen->edition->alt($thing['asset']))
    <image href="{{ $screen->edition->url($thing['asset']) }}" x="{{ $x }}" y="{{ $y }}" width="{{ $width }}" height="{{ $height }}" @if ($alt !== '') role="img" aria-label="{{ $alt }}" @else aria-hidden="true" @endif/>
@endif
