@props(['colour'])
@use('Fravel\Support\Swatches')
{{-- A colour of an answer, with a picture of its own: nobody needs to tell colours apart. --}}
<svg class="swatch-shape swatch-{{ Swatches::known($colour) }}" viewBox="0 0 24 24" aria-hidden="true"><path
    fill-rule="evenodd" d="{{
    Swatches::picture($colour)
}}"/></svg>
