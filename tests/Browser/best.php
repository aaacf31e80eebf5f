<?php

// Where the screws of a virtual engine are best: php tests/Browser/best.php FAMILY VARIANT SEED, as JSON.

declare(strict_types=1);

use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Practice\PracticeEngine;

require __DIR__.'/../../vendor/autoload.php';

[, $family, $variant, $seed] = $argv;
echo json_encode(PracticeEngine::of(FamilyFiles::shipped()->of($family), $variant, (int) $seed)?->best(), JSON_THROW_ON_ERROR);
