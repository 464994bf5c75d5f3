{{-- The measures of one cut. --}}
{{ $cut->sides() }}
<span class="note">({{ round($cut->panel->width * 1000) }} × {{ round($cut->panel->height * 1000) }} mm)</span>
@if ($cut->note())<br>{{ $cut->note() }}@endif
@if ($cut->hole)<br>centre {{ $cut->centre() }}, where the diagonals cross; hole {{ $cut->hole->text() }} in, radius {{ $cut->radius->text() }} in <span class="note">({{ round($cut->panel->hole * 1000) }} mm)</span>@endif
