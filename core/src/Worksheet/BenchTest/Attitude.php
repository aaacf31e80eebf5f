<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\BenchTest;

/** How a carburetor lay while it was tested. */
enum Attitude: string
{
    case Inverted = 'inverted';
    case Upright = 'upright';
    case AsItHangs = 'as_it_hangs';
}
