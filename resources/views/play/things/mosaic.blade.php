<p>{{ $thing['label'] }} {{ __('play.mosaic', ['earned' => $thing['earned'], 'of' => $thing['of']]) }}</p>
