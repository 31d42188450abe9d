@use('App\View\Moment')
@use('App\View\RunStanding')
<x-layout.teacher :title="__('wall.certificates')" width="max-w-[36rem]">
    <h1 class="mb-4">{{ __('wall.certificates') }}</h1>
    <x-form method="get" :action="route('certificates')">
        <x-field name="code" :label="__('wall.code')" :value="$code" maxlength="20" required autofocus
            placeholder="CDFG-H346"/>
        <x-form.end><button class="button primary">{{ __('wall.look') }}</button></x-form.end>
    </x-form>
    @if ($play)
        <div class="notice mt-5" role="status">
            <p><x-mark verdict="open"/> <strong>{{ $play->name }}</strong> · {{ $play->run->game->title }} · {{
                $play->run->label
            }}</p>
            <p>{{ Moment::of($play->ended_at ?? $play->acted_at) }} · {{
                RunStanding::clock($play->secondsPlayed())
            }}</p>
            <p><a href="{{ route('runs.play', [$play->run, $play]) }}">{{
                __('report.trail', ['name' => $play->name])
            }}</a></p>
        </div>
    @elseif ($code !== '')
        <p class="notice bad mt-5" role="alert">{{ __('wall.none') }}</p>
    @endif
</x-layout.teacher>
