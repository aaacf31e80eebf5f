{{-- The linkage runs beside the bores: solid where it is seen, dashed where a body stands before it. --}}
<x-cutaways.frame :state="$state" :width="$bank::WIDTH" :height="$bank->height">
 <g transform="translate({{ $bank->left }} 0) scale({{ $bank->scale }})">
 <g class="layer-parts"><g data-part="link" class="{{ $state->css('link') }}"><path class="steelstrip" d="{{ $bank->hidden() }}"/><path class="lever" d="{{ $bank->levers() }}"/></g></g>
 @foreach ($bank->rows() as $row)
 <x-cutaways.bank.one :state="$state" :y="$row['y']" :screw="$row['screw']" :adjuster="$row['adjuster']" :linked="$row['linked']" />
 @endforeach
 <g class="layer-parts">
  <g data-part="inlet" class="{{ $state->css('inlet') }}"><path class="chan fuel circ-fuel" d="{{ $bank->fuelLine() }}"/></g>
  @include('drawings::symbols.stop-screw', ['part' => 'idlespeed', 'at' => $bank->stopScrew(), 'adjuster' => 'idle_speed'])
 </g>
 <g class="layer-flow"><g class="circ-fuel">@include('drawings::symbols.drops', ['at' => $bank->drops(), 'size' => '0.6'])</g>
 @foreach ($bank->rows() as $i => $row)
  <text class="flow t-air" transform="{{ $bank->nameAt($i) }}">{{ $row['name'] }}</text>
 @endforeach
 </g>
 </g>
 @include('drawings::cutaways.callouts', ['state' => $state, 'places' => $bank->places()])
</x-cutaways.frame>
