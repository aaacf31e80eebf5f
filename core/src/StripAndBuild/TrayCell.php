<?php

declare(strict_types=1);

namespace DustyJet\StripAndBuild;

final readonly class TrayCell
{
    /** @param  int  $number place on the tray, from 1; 0 for a task, which lies nowhere */
    public function __construct(
        public int $number,
        public string $key,
        public string $name,
        public int $count,
        public bool $isExpected,
    ) {
    }
}
