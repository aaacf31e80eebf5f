<?php

declare(strict_types=1);

namespace DustyJet\Worksheet;

/** An act that only says something: it changes nothing, clashes with nothing, and may be added when all is done. */
interface Aside extends Act
{
}
