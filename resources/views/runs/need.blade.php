@use('App\View\LastAnswers')
{{-- Who needs help now, and why: each with what can be done at once. --}}
@php($stuck = array_slice($standing->stuck(), 0, 6))
@php($last = LastAnswers::of($run, $stuck))
<section class="run-need mb-6" aria-labelledby="need-title">
    <h2 class="caps mb-2" id="need-title">{{ __('help.most') }}</h2>
    @forelse ($stuck as $row)
        @include('runs.need-one')
    @empty
        <p class="text-quiet">{{ __('help.nobody') }}</p>
    @endforelse
</section>
