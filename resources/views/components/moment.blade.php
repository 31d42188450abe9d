@props(['at'])
<time datetime="{{ $at->toIso8601String() }}">{{ App\View\Moment::day($at) }}</time>
