<fieldset class="options"><legend>{{ __($input['many'] ? 'play.inputs.several' : 'play.inputs.one') }}</legend>
    @foreach ($input['options'] as $option)
        <label class="option"><input type="{{ $input['many'] ? 'checkbox' : 'radio' }}" name="{{ $input['many'] ? 'with[]' : 'with' }}" value="{{ $option['id'] }}" @checked(in_array($option['id'], (array) $typed, true))>
            @if ($screen->edition->url($option['asset']))<img src="{{ $screen->edition->url($option['asset']) }}" alt="{{ $screen->edition->alt($option['asset']) }}">@endif<span {{ $screen->speaks() }}>{!! $screen->inline($option['md']) !!}</span></label>
    @endforeach
</fieldset>
