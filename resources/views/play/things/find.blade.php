<div class="find" role="group" @if ($thing['label'] !== '') aria-label="{{ $thing['label'] }}" @endif>
    @if ($thing['start'] !== '')
        @include('play.find.start')
    @else
        @include('play.find.band')
        <div class="find-boxes">
            @foreach ($thing['boxes'] as $place => $box)
                @include('play.find.box')
            @endforeach
        </div>
    @endif
</div>
