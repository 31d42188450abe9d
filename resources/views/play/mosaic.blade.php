@use('App\Play\OnStage')
{{-- The cells that were earned, in units of a cell; the others are not there. --}}
<rect width="{{ $thing['columns'] }}" height="{{ $thing['rows'] }}" class="mosaic-ground"/>
@foreach ($thing['runs'] as $colour => $runs)
    <path fill="{{ $colour }}" shape-rendering="crispEdges" d="{{ OnStage::outlines($runs) }}"/>
@endforeach
