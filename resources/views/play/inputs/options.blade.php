<fieldset class="options"><legend>{{ $input['many'] ? 'Pick all that fit' : 'Pick one' }}</legend>
    @foreach ($input['options'] as $option)
        <label class="option"><input type="{{ $input['many'] ? 'checkbox' : 'radio' }}" name="{{ $input['many'] ? 'with[]' : 'with' }}" value="{{ $option['id'] }}" @checked(in_array($option['id'], (array) $typed, true))>
            @if ($screen->edition->url($option['asset']))<img src="{{ $screen->edition->url($option['asset']) }}" alt="{{ $screen->edition->alt($option['asset']) }}">@endif<span>{!! $screen->inline($option['md']) !!}</span></label>
    @endforeach
</fieldset>
