@use('App\View\RunStanding')
<ul class="grid grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-6">
    @foreach ($wall->emblems as $one)
        <li class="grid content-start justify-items-center gap-1.5 text-center">
            <x-emblem :design="$one->design" class="w-28"/>
            <strong class="font-title text-lead [overflow-wrap:anywhere]">{{ $one->play->name }}</strong>
            <span class="text-small">{{ implode(' · ', array_filter([
                $run->shows_order && $one->play->place ? $one->play->place.'.' : '',
                RunStanding::clock($one->play->secondsPlayed()),
            ])) }}</span>
            @if ($one->line !== '' && $one->approved_at !== null)
                <q class="text-small [overflow-wrap:anywhere]">{{ $one->line }}</q>
            @endif
        </li>
    @endforeach
</ul>
