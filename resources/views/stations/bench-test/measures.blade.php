@includeWhen($work->measures->leaks, 'stations.bench-test.leak-map', ['card' => $work->measures->leaks])
@includeWhen($work->measures->popOff, 'stations.bench-test.pop-off', ['card' => $work->measures->popOff])
@includeWhen($work->measures->lever, 'stations.bench-test.lever', ['card' => $work->measures->lever])
@includeWhen($work->measures->float, 'stations.bench-test.float', ['card' => $work->measures->float])
