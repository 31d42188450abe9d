<x-layout.teacher :title="__('wall.title').' · '.$run->game->title" width="max-w-[92rem]">
    @include('runs.views', ['here' => 'wall'])
    <h1 class="mb-4">{{ __('wall.title') }}</h1>
    @if ($wall->unread() !== [])
        <section class="mb-8 max-w-[44rem]" aria-labelledby="unread-title">
            <h2 class="caps mb-2" id="unread-title">{{ __('wall.unread') }}</h2>
            @foreach ($wall->unread() as $one)
                <div class="mb-2.5 flex flex-wrap items-center gap-3 border-l-8 border-lamp bg-card px-4 py-2.5">
                    <p class="min-w-0 flex-1 [overflow-wrap:anywhere]"><strong>{{ $one->play->name }}:</strong>
                        {{ $one->line }}</p>
                    @foreach (['good' => 1, 'bad' => 0] as $word => $good)
                        <x-inline :action="route('runs.wall.read', [$run, $one])">
                            <input type="hidden" name="good" value="{{ $good }}">
                            <button @class(['button', 'primary' => $good])
                                aria-label="{{ __("wall.{$word}_of", ['name' => $one->play->name]) }}">{{
                                    __("wall.{$word}")
                                }}</button>
                        </x-inline>
                    @endforeach
                </div>
            @endforeach
        </section>
    @endif
    @if ($wall->emblems === [])
        <p class="py-8">{{ __('wall.bare') }}</p>
    @endif
    @include('runs.wall-emblems')
</x-layout.teacher>
