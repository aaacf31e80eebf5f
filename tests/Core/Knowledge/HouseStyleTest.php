<?php

declare(strict_types=1);

use DustyJet\Knowledge\HouseStyle;
use Symfony\Component\Yaml\Yaml;

/** @return list<string> */
function knowledgeFiles(): array
{
    $folder = dirname(__DIR__, 3).'/core/knowledge';

    return [...glob("{$folder}/*.yaml") ?: [], ...glob("{$folder}/*/*.yaml") ?: []];
}

it('finds every file of the knowledge in the house style: bin/format-knowledge puts it there', function (): void {
    expect(count(knowledgeFiles()))->toBeGreaterThan(20);
    foreach (knowledgeFiles() as $file) {
        $yaml = (string) file_get_contents($file);
        expect($yaml === HouseStyle::of($yaml))->toBeTrue($file);
    }
});

it('puts a key on a line and an item on a line, and says the same', function (): void {
    $flow = <<<'YAML'
        # What it is.
        name: Pump   # never kept on a line of another
        faults:
          # ---- pumps ----
          torn: {chance: 0.02, shows: {floods: [0.9, 0.5], "no": 1.0}, when: [], like: {}, note: "a: b", isSure: true}
          worn: {chance: 1, why: null, list: [{a: 1, b: two}, {a: 2}]}
        YAML;
    $block = HouseStyle::of($flow);

    expect(Yaml::parse($block))->toBe(Yaml::parse($flow))
        ->and($block)->toBe(<<<'YAML'
            # What it is.
            name: Pump

            faults:

              # ---- pumps ----
              torn:
                chance: 0.02
                shows:
                  floods:
                    - 0.9
                    - 0.5
                  no: 1.0
                when: []
                like: {}
                note: "a: b"
                isSure: true

              worn:
                chance: 1
                why: null
                list:
                  - a: 1
                    b: two
                  - a: 2

            YAML)
        ->and(HouseStyle::of($block))->toBe($block);
});

it('folds a long sentence between words', function (): void {
    $long = trim(str_repeat('a spring that must not be stretched, ', 9));
    $folded = HouseStyle::of(Yaml::dump(['why' => $long, 'list' => [$long]]));

    expect(Yaml::parse($folded))->toBe(['why' => $long, 'list' => [$long]])
        ->and(max(array_map(strlen(...), explode("\n", $folded))))->toBeLessThanOrEqual(120)
        ->and(HouseStyle::of($folded))->toBe($folded);
});

it('quotes what could be taken for something else', function (string $text): void {
    $yaml = HouseStyle::of(Yaml::dump(['value' => $text, 'items' => [$text]]));

    expect(Yaml::parse($yaml))->toBe(['value' => $text, 'items' => [$text]]);
})->with(['yes', 'no', 'true', '~', 'null', '1 1/2', '1.5', '2026-01-01', 'a # b', 'ends: here', ' spaced ', "it's", 'ü µm', '- dash']);

it('makes a corrected number a change of one line', function (): void {
    foreach (knowledgeFiles() as $file) {
        $yaml = (string) file_get_contents($file);
        if (preg_match('~: (0\.\d+)$~m', $yaml, $number) !== 1) {
            continue;
        }
        $corrected = HouseStyle::of((string) preg_replace('~: 0\.\d+$~m', ': 0.4321', $yaml, 1));
        $changed = array_diff_assoc(explode("\n", $corrected), explode("\n", $yaml));
        expect($changed)->toHaveCount($number[1] === '0.4321' ? 0 : 1, $file);
    }
});
