<?php

// What tests/View/NewKindTest.php runs: the copy of the program in the folder named, with the kind that docs/new-kind.md adds.

declare(strict_types=1);

use App\Http\Requests\Typed\TypedShape;
use App\View\Log\LogWords;
use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\Log;
use DustyJet\Knowledge\FamilyFiles;
use DustyJet\Rejected;
use DustyJet\Worksheet\EntryKind;
use DustyJet\Worksheet\Run\Weather;
use DustyJet\Worksheet\Worksheet;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$copy = $argv[1];
spl_autoload_register(static function (string $class) use ($copy): void {
    $path = preg_replace(['~^DustyJet\\\\~', '~^App\\\\~'], ['core/src/', 'app/'], $class);
    $file = "{$copy}/".str_replace('\\', '/', (string) $path).'.php';
    if ($path !== $class && is_file($file)) {
        require $file;
    }
}, prepend: true);

$entry = static fn (int $seq, EntryKind $kind, array $payload): Entry => Entry::of(
    sprintf('00000000-0000-4000-8000-%012d', $seq),
    $seq,
    $kind,
    $payload,
    new DateTimeImmutable('2026-05-01 09:00'),
    'June Halloran',
    null,
);
$kind = EntryKind::from('weather_noted');
$intake = ['machine' => 'Tilby 46', 'engine' => '160 cc', 'complaint' => 'floods', 'variant' => 'removable_pilot'];
$weather = $entry(2, $kind, ['celsius' => 18.5, 'kilopascals' => 101.3]);
$family = FamilyFiles::shipped()->of('float_pilot_jet');
$log = Log::of([$entry(1, EntryKind::IntakeTaken, [...$intake, 'idle_sense' => 'fuel']), $weather]);
try {
    $entry(3, $kind, ['kilopascals' => 101.3]);
    $refused = '';
} catch (Rejected $rejected) {
    $refused = $rejected->getMessage();
}
$phrase = LogWords::of($family)->phrase($weather);

echo json_encode([
    'refused' => $refused,
    'ledger' => Worksheet::replay($family, $log)->of(Weather::class)->celsius,
    'words' => [$phrase->text, $phrase->strong],
    'rules' => array_keys((new TypedShape($kind->shape()))->rules()),
], JSON_THROW_ON_ERROR);
