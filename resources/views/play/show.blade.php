<x-layout.base :title="$screen->view->scene['title'] ?? 'Fravel'" body="player{{ $frame->isRehearsal && ! $isFramed ? ' rehearsal' : '' }}" page="play" :words="['play' => __('play')]">
    @if ($frame->isRehearsal && ! $isFramed)<nav class="rehearsal-strip" id="strip" aria-label="{{ $around['title'] }}" lang="{{ $around['language'] }}">{!! $around['strip'] !!}</nav>@endif
    @if (session('status'))<p class="notice rehearsal-said" role="status">{{ session('status') }}</p>@endif
    <div class="play" id="play" data-address="{{ $frame->address }}" data-language="{{ $screen->edition->game->language() }}">
        @unless ($isOpen)<p class="notice" role="status">{{ __('play.refused.run.closed') }}</p>@endunless
        <div id="scene" class="scene-holder">@include('play.scene')</div>
        <div id="rims" class="rims">@include('play.rims')</div>
        @if ($frame->words)
            <footer class="play-foot">
                <span>{{ $frame->player }}</span>
                <span class="two-words">{{ __('play.other_device') }} <strong>{{ $frame->words }}</strong></span>
                <form method="post" action="{{ $frame->address }}/leave">@foreach ($frame->fields as $field => $value)<input type="hidden" name="{{ $field }}" value="{{ $value }}">@endforeach<button class="link">{{ __('play.not_me', ['name' => $frame->player]) }}</button></form>
            </footer>
        @endif
    </div>
    @if ($frame->isRehearsal && ! $isFramed)<aside class="backstage" id="backstage" aria-label="{{ $around['behind'] }}" lang="{{ $around['language'] }}">{!! $around['backstage'] !!}</aside>@endif
    <div id="announce" class="hidden-words" role="status" aria-live="polite"></div>
</x-layout.base>
