<fieldset class="basis-full" data-input="sorter">
    <legend class="mb-1.5 text-small text-quiet">{{ __('play.inputs.order') }}</legend>
    <div data-plain>
        @include('play.inputs.slots', [
            'length' => count($input['items']),
            'choices' => $screen->choices($input['items']),
        ])
    </div>
    <ol class="sorter" data-rows data-widget hidden>
        @foreach ($input['items'] as $item)
            <li data-item="{{ $item['id'] }}" data-say="{{ $screen->saying($item) }}">
                <span class="sorter-grip" data-grip aria-hidden="true"><x-icon name="grip-vertical"/></span>
                <span class="sorter-words">@include('play.inputs.item')</span>
                <button type="button" data-step="-1" aria-label="{{
                    __('play.inputs.up', ['what' => $screen->saying($item)])
                }}"><x-icon name="chevron-up"/></button>
                <button type="button" data-step="1" aria-label="{{
                    __('play.inputs.down', ['what' => $screen->saying($item)])
                }}"><x-icon name="chevron-down"/></button>
            </li>
        @endforeach
    </ol>
</fieldset>
