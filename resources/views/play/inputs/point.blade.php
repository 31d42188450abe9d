@if ($screen->edition->url($input['asset']))
    <fieldset class="basis-full" data-input="point">
        <legend class="mb-1.5 text-small text-quiet">{{ __('play.inputs.point') }}</legend>
        <div data-plain>
            <input type="image" name="point" class="point-picture" width="640" height="360"
                src="{{ $screen->edition->url($input['asset']) }}" alt="{{ $screen->edition->alt($input['asset']) }}">
            <input type="hidden" name="width" value="640"><input type="hidden" name="height" value="360">
        </div>
        <div data-widget hidden>
            <div class="point-frame" data-frame tabindex="0" role="group" aria-label="{{
                __('play.inputs.pointing', ['picture' => $screen->edition->alt($input['asset'])])
            }}">
                <div class="point-sheet" data-sheet><img src="{{ $screen->edition->url($input['asset']) }}" alt="{{
                    $screen->edition->alt($input['asset'])
                }}" draggable="false"></div>
            </div>
            <div class="look-tools point-tools">
                <button type="button" data-near="1" aria-label="{{ __('play.nearer') }}"><x-icon name="zoom-in"/>
                </button>
                <button type="button" data-near="-1" aria-label="{{ __('play.farther') }}"><x-icon name="zoom-out"/>
                </button>
            </div>
        </div>
    </fieldset>
@endif
