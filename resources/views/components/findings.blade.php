{{-- The first of what the check found, in a list. --}}
@props(['of', 'most' => 6])
<ul class="my-1.5 list-disc pl-5.5">
    @foreach (array_slice($of, 0, $most) as $finding)
        <li>{{ $finding }}</li>
    @endforeach
</ul>
@if (count($of) > $most)
    <p>{{ __('runs.new.more', ['count' => count($of) - $most]) }}</p>
@endif
