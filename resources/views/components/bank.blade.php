{{-- What slots are filled from. --}}
<div class="mt-3 grid gap-2" data-widget hidden>
    <div class="bank" data-bank>{{ $slot }}</div>
    <button type="button" class="link min-h-[44px] justify-self-start" data-as-lists aria-pressed="false"><x-icon
        name="list"/>{{ __('play.inputs.lists') }}</button>
</div>
