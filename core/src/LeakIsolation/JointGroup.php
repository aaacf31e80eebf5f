<?php

declare(strict_types=1);

namespace DustyJet\LeakIsolation;

/** Joints that no test so far tells apart, and what they leak together. */
final readonly class JointGroup
{
    /** @param  non-empty-list<string>  $joints */
    public function __construct(public array $joints, public FlowInterval $flow)
    {
    }
}
