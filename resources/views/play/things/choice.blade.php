<form method="post" action="{{ $frame->address }}" class="act">
    @include('play.fields', ['verb' => 'choose', 'on' => $thing['id']])
    @if ($thing['look'] === 'picture' && $screen->edition->url($thing['asset']))
        <button class="grid cursor-pointer gap-1.5 font-semibold">
            <img src="{{ $screen->edition->url($thing['asset']) }}" alt="{{ $screen->nameOf($thing) }}">
            @if ($thing['md'] !== '')
                <span {{ $screen->speaks() }}>{!! $screen->inline($thing['md']) !!}</span>
            @endif
        </button>
    @else
        <button class="flex min-h-[56px] w-full cursor-pointer items-center rounded-board border-[1.5px] border-l-8
            border-ink in-[.scene-stage]:border-l-mist
            bg-white px-4.5 py-2.5 text-left font-semibold text-ink hover:bg-sand">
            <span {{ $screen->speaks() }}>{!!
                $screen->inline($thing['md']) ?: e($thing['label'] ?: __('play.continue'))
            !!}</span>
            @include('play.marked')
        </button>
    @endif
</form>
