<?php

declare(strict_types=1);

namespace DustyJet\Knowledge;

use DustyJet\Carburetor\Effects;
use DustyJet\Carburetor\InSentence;
use DustyJet\Carburetor\Inspection;
use DustyJet\Carburetor\Passage;

/** Reads what a family inspects: parts by their shared criteria, passages from its own map. */
final readonly class InspectionFile
{
    /**
     * @return array<string, Inspection>
     *
     * @throws UnusableKnowledge If a criterion is not known.
     */
    public static function of(Fields $family, Fields $shared): array
    {
        $known = $shared->maps('inspect');
        $drawn = $family->map('parts')->names();
        $inspections = [];
        foreach ($family->words('inspect') as $name) {
            $inspections[$name] = self::part(
                $name,
                $known[$name] ?? throw UnusableKnowledge::dangling('inspect', $name),
                $drawn,
            );
        }
        foreach ($family->maps('passages') as $name => $passage) {
            $inspections["passage_{$name}"] = self::passage("passage_{$name}", $passage);
        }

        return $inspections;
    }

    /** @param  list<string>  $drawn parts of the drawing */
    private static function part(string $key, Fields $i, array $drawn): Inspection
    {
        return new Inspection(
            key: $key,
            do: $i->text('do'),
            good: $i->text('good'),
            why: $i->text('why'),
            parts: [...$i->words('part'), ...$i->words('seen_on')],
            on: array_values(array_intersect($i->words('on'), $drawn))[0] ?? null,
            picture: $i->textOrNull('picture'),
            effects: new Effects(
                $i->words('fails'),
                $i->words('cures'),
                $i->words('renews'),
                $i->words('touches'),
                $i->flag('scraps'),
                $i->words('part'),
            ),
            new: $i->textOrNull('new'),
            caution: $i->textOrNull('caution'),
        );
    }

    private static function passage(string $key, Fields $p): Inspection
    {
        $jets = (int) $p->number('jets');

        return new Inspection(
            key: $key,
            do: 'Blow or spray in: '.InSentence::name($p->text('into')),
            good: ($jets > 1 ? "{$jets} jets. " : '').$p->text('comes_out'),
            why: 'One opening at a time, the others covered: what does not come out where it should is blocked.',
            parts: $p->words('out'),
            on: $p->text('on'),
            picture: null,
            effects: new Effects($p->words('fails'), $p->words('cures')),
            new: null,
            caution: 'spray',
            passage: new Passage($jets, $p->words('out')),
            onlyIn: $p->words('only_in'),
        );
    }
}
