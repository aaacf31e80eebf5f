<?php

declare(strict_types=1);

namespace DustyJet\Carburetor;

/** What a verdict on a part means elsewhere. */
final readonly class Effects
{
    /**
     * @param  list<string>  $fails findings that a verdict other than sound answers with yes
     * @param  list<string>  $cures faults removed by cleaning it
     * @param  list<string>  $renews faults removed by a new part
     * @param  list<string>  $touches what working on it disturbs
     * @param  bool  $scraps whether a bad one scraps the body
     * @param  list<string>  $fittedAs parts of the tray that are the thing itself: back on, the new one is fitted
     */
    public function __construct(
        public array $fails,
        public array $cures,
        public array $renews = [],
        public array $touches = [],
        public bool $scraps = false,
        public array $fittedAs = [],
    ) {
    }
}
