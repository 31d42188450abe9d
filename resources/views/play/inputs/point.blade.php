<p class="help basis-full">{{ __('play.inputs.point') }}</p>
@if ($screen->edition->url($input['asset']))
    <input type="image" name="point" class="point-picture" width="640" height="360"
        src="{{ $screen->edition->url($input['asset']) }}" alt="{{ $screen->edition->alt($input['asset']) }}">
    <input type="hidden" name="width" value="640"><input type="hidden" name="height" value="360">
@endif
