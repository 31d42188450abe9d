<div class="flex flex-wrap justify-end gap-4">
    @if ($screen->view->back)
        <form method="post" action="{{ $frame->address }}" class="act">
            @include('play.fields', ['verb' => 'back', 'on' => ''])
            <button class="button"><x-icon name="arrow-left"/>{{ __('play.back') }}</button>
        </form>
    @endif
    @if ($screen->view->continues)
        <form method="post" action="{{ $frame->address }}" class="act">
            @include('play.fields', ['verb' => 'continue', 'on' => ''])
            <button class="button primary">{{ __('play.continue') }}<x-icon name="arrow-right"/></button>
        </form>
    @endif
</div>
