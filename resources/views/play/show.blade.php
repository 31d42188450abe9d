<x-layout.base :title="$screen->view->scene['title'] ?? 'Fravel'" :language="$screen->edition->game->language()" body="player{{ $frame->isRehearsal && ! $isFramed ? ' rehearsal' : '' }}" page="play">
    @if ($frame->isRehearsal && ! $isFramed)<nav class="rehearsal-strip" id="strip" aria-label="Rehearsal">@include('play.strip')</nav>@endif
    @if (session('status'))<p class="notice rehearsal-said" role="status">{{ session('status') }}</p>@endif
    <div class="play" id="play" data-stays="{{ __('play.stays') }}" data-verdicts="{{ json_encode(['words' => __('play.verdict'), 'neutral' => __('play.neutral')]) }}" data-address="{{ $frame->address }}" data-offline="{{ __('play.offline') }}" data-failing="{{ __('play.failing') }}" data-again="{{ __('play.again') }}">
        @unless ($isOpen)<p class="notice" role="status">{{ __('play.refused.run.closed') }}</p>@endunless
        <div id="scene" class="scene-holder">@include('play.scene')</div>
        <div id="rims" class="rims">@include('play.rims')</div>
        @if ($frame->words)
            <footer class="play-foot">
                <span>{{ $frame->player }}</span>
                <span class="two-words">On another device: your name and <strong>{{ $frame->words }}</strong></span>
                <form method="post" action="{{ $frame->address }}/leave">@foreach ($frame->fields as $field => $value)<input type="hidden" name="{{ $field }}" value="{{ $value }}">@endforeach<button class="link">Not {{ $frame->player }}?</button></form>
            </footer>
        @endif
    </div>
    @if ($frame->isRehearsal && ! $isFramed)<aside class="backstage" id="backstage" aria-label="{{ __('rehearsal.title') }}">@include('play.backstage')</aside>@endif
    <div id="announce" class="hidden-words" role="status" aria-live="polite"></div>
</x-layout.base>
