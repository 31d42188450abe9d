{{-- Where another way of an earlier vote would have led. --}}
<x-layout.look :screen="$screen" :words="__('play.vote.instead')" :back="route('runs.front', $run)"
    :back-words="__('play.vote.back')">
    @include('play.scene')
</x-layout.look>
