<p class="mosaic-count">{{ $thing['label'] }} <strong>{{ $thing['earned'] }}</strong> of {{ $thing['of'] }} parts earned</p>
