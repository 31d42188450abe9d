@if ($screen->edition->url($thing['asset']))
    <video controls src="{{ $screen->edition->url($thing['asset']) }}">
        @if ($screen->edition->url($thing['captions']))
            <track kind="captions" src="{{ $screen->edition->url($thing['captions']) }}" default>
        @endif
    </video>
@endif
@foreach ($thing['cues'] as $cue)
    <form method="post" action="{{ $frame->address }}" class="act">
        @include('play.fields', ['verb' => 'cue', 'on' => $cue['id']])
        <button class="button">{{ __('play.at', ['time' => \App\View\RunStanding::clock((int) $cue['at'])]) }}</button>
    </form>
@endforeach
