{{-- What stands below the picture where it is too small: it opens as it does on the picture. --}}
<a class="flow-row" href="#thing-{{ $thing['id'] }}" data-panel="{{ $thing['id'] }}" role="button" @if ($thing['kind']
    === 'lock') data-state="{{ $thing['state'] }}" @endif {{ $screen->speaks() }}>
    @if ($thing['kind'] === 'lock')
        @if ($thing['state'] === 'open')
            <x-mark verdict="open"/>
        @else
            <x-icon name="lock" class="untried"/>
            @include('play.stage.tried')
        @endif
    @endif
    @php($ask = $screen->plain($thing['ask'] ?? ''))
    <span class="row-words">
        @if ($ask !== '' && $thing['label'] !== '')
            <span class="text-note text-quiet">{{ $thing['label'] }}</span>
        @endif
        <strong>{{ $ask ?: $screen->nameOf($thing) ?: __('play.look') }}</strong>
    </span>
    <x-icon name="arrow-right"/>
</a>
