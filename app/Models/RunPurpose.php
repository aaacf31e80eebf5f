<?php

declare(strict_types=1);

namespace App\Models;

/** What an instrument is watched for. */
enum RunPurpose: string
{
    case Hold = 'hold';
    case Pops = 'pops';
}
