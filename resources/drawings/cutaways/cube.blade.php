<x-cutaways.frame :state="$state" :width="584" :height="442" data-pulse="draw" :data-metering="$state->leaks ? 'open' : 'closed'">
    @include('drawings::cutaways.cube.body')
    @include('drawings::cutaways.cube.passages')
    @include('drawings::cutaways.cube.parts')
    @include('drawings::cutaways.cube.flow')
    @include('drawings::cutaways.callouts', ['state' => $state, 'places' => [
        'inlet' => [20, 84, 42, 114], 'flapin' => [140, 19, 143, 91], 'nozzle' => [226, 19, 236, 214], 'screen' => [302, 19, 350, 114],
        'flapout' => [362, 19, 366, 98.5], 'pump' => [452, 19, 490, 98], 'pulse' => [566, 109, 524, 109], 'idlespeed' => [520, 19, 556, 134],
        'throttle' => [566, 186, 430, 190.5], 'idleholes' => [566, 240, 438, 241], 'mixscrew' => [566, 316, 544, 281], 'choke' => [18, 186, 107, 191],
        'mainscrew' => [18, 316, 36, 284], 'metering' => [104, 422, 126, 341], 'spring' => [178, 422, 299, 288], 'vent' => [292, 422, 292, 369],
        'lever' => [346, 422, 346, 310], 'needle' => [404, 422, 363, 298], 'welch' => [464, 422, 424, 285],
    ]])
</x-cutaways.frame>
