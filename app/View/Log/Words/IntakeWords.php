<?php

declare(strict_types=1);

namespace App\View\Log\Words;

use App\View\Log\Names;
use App\View\Log\Phrase;
use App\View\Log\RoomWords;
use DustyJet\Worksheet\Intake\Answered;
use DustyJet\Worksheet\Intake\CheckAnswered;
use DustyJet\Worksheet\Intake\FaultRepaired;
use DustyJet\Worksheet\Intake\FindingNoted;
use DustyJet\Worksheet\Intake\FlowStepped;
use DustyJet\Worksheet\Intake\IntakeTaken;

final readonly class IntakeWords implements RoomWords
{
    private const ANSWERS = [
        'some' => 'a little',
        'strong' => 'badly',
        'cannot_tell' => 'cannot tell',
        'not_looked' => 'not looked',
    ];

    public static function table(): array
    {
        return [
            IntakeTaken::class => static fn (IntakeTaken $act): Phrase => new Phrase('Intake: ', $act->complaint),
            FindingNoted::class => self::finding(...),
            CheckAnswered::class => self::check(...),
            FaultRepaired::class => static fn (FaultRepaired $act): Phrase => new Phrase(
                'Cured: ',
                Names::plain($act->fault),
            ),
            FlowStepped::class => static fn (FlowStepped $act): Phrase => new Phrase(
                ucfirst(Names::plain($act->flow)).': ',
                Names::plain($act->step).($act->worked ? ', done' : ', once more'),
            ),
        ];
    }

    private static function finding(FindingNoted $act): Phrase
    {
        return new Phrase(ucfirst(Names::plain($act->answered->finding)).': ', self::word($act->answered));
    }

    private static function check(CheckAnswered $act): Phrase
    {
        $said = array_map(
            static fn (Answered $a): string => Names::plain($a->finding).' '.self::word($a),
            $act->answers,
        );

        return new Phrase(ucfirst(Names::plain($act->check)).': ', implode(', ', $said));
    }

    private static function word(Answered $answered): string
    {
        return self::ANSWERS[$answered->word] ?? $answered->word;
    }
}
