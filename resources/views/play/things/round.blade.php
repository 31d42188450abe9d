<div class="round grid gap-1.5">
    <p class="text-small text-quiet">{{
        __('play.round', ['right' => $round['right'], 'enough' => $round['enough']])
    }} <span class="round-pips" aria-hidden="true">@for ($pip = 0; $pip < $round['enough']; $pip++)<i
        @class(['is-right' => $pip < $round['right']])></i>@endfor</span></p>
    @if ($round['ask'] !== '')
        <div class="words max-w-160" {{ $screen->speaks() }}>{!! $screen->html($round['ask']) !!}</div>
    @endif
</div>
