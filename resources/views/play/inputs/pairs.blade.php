<fieldset class="slots pairs"><legend>{{ __('play.inputs.pairs') }}</legend>
    @foreach ($input['left'] as $left)
        <label><span {{ $screen->speaks() }}>{!! $screen->inline($left['md']) !!}</span><select name="with[{{ $left['id'] }}]"><option value="">…</option>@foreach ($input['right'] as $right)<option value="{{ $right['id'] }}" @selected(is_array($typed) && ($typed[$left['id']] ?? null) === $right['id'])>{{ $screen->plain($right['md']) }}</option>@endforeach</select></label>
    @endforeach
</fieldset>
