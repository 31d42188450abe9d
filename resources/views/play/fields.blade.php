@foreach ($frame->fields as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
<input type="hidden" name="key" value="{{ $frame->key() }}">
<input type="hidden" name="verb" value="{{ $verb }}"><input type="hidden" name="on" value="{{ $on }}">
