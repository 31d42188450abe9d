@php($turned = $screen->turned())
@if ($turned !== null)
    <p class="turned" role="status" data-turned>{{ __('play.turned', $turned) }}</p>
@endif
@if ($screen->coversAgain())
    <form method="post" action="{{ $frame->address }}" data-cover-again
        @class(['act inline', 'invisible' => ! $screen->hasTurned()])>
        @include('play.fields', ['verb' => 'lower', 'on' => $screen->sceneId()])
        <button class="link inline-flex min-h-[44px] items-center"><x-icon name="eye-off"/>{{
            __('play.cover_again')
        }}</button>
    </form>
@endif
