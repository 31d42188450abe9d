<p class="flex flex-wrap gap-x-[5vmin]">
    <span>{{ __('runs.projector.joined', ['count' => $run->plays()->count()]) }}</span>
    <span>{{ __('runs.projector.finished', ['count' => $run->plays()->whereNotNull('ended_at')->count()]) }}</span>
    @if ($run->paused_at && $run->isOpen())
        <strong>{{ __('runs.projector.paused') }}</strong>
    @elseif (! $run->isOpen())
        <strong>{{ __('runs.closed') }}</strong>
    @endif
</p>
