{{-- Where one of a team may look meanwhile. --}}
@if ($elsewhere !== [])
    <details class="text-small">
        <summary class="inline-flex min-h-[44px] items-center underline underline-offset-[3px]">{{
            __('play.team.look')
        }}</summary>
        <ul class="flex flex-wrap gap-x-5" {{ $screen->speaks() }}>
            @foreach ($elsewhere as $id => $title)
                <li><a class="inline-flex min-h-[44px] items-center" href="{{ $frame->address }}/look/{{ $id }}"
                    @if ($screen->sceneId() === $id) aria-current="page" @endif>{{ $title }}</a></li>
            @endforeach
        </ul>
    </details>
@endif
