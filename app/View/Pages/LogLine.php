<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\View\Numbers;
use DustyJet\BenchLog\Entry;
use DustyJet\BenchLog\EntryKind;
use DustyJet\Carburetor\Condition;
use DustyJet\Carburetor\Family;
use DustyJet\HoldTest\Verdict;
use DustyJet\Quantity\Turns;
use DustyJet\Worksheet\HoldRecord;
use DustyJet\Worksheet\Worksheet;

/** One entry of the bench log in words. */
final readonly class LogLine
{
    public function __construct(
        public string $id,
        public int $seq,
        public string $time,
        public string $day,
        public string $by,
        public string $text,
        public string $strong,
        public bool $isSuperseded,
        public bool $mayStrike,
        public bool $isCorrection,
    ) {
    }

    /** @return list<self> newest first */
    public static function all(Worksheet $sheet): array
    {
        $superseded = $sheet->log->superseded();
        $lines = array_map(static fn (Entry $entry): self => self::of($entry, $sheet->family, isset($superseded[$entry->id]), $sheet->handedBackAt === null), $sheet->log->entries);

        return array_reverse($lines);
    }

    private static function of(Entry $entry, Family $family, bool $isSuperseded, bool $isOpen): self
    {
        [$text, $strong] = self::words($entry, $family);
        $mayStrike = $isOpen && ! $isSuperseded && ! in_array($entry->kind, [EntryKind::Struck, EntryKind::IntakeTaken, EntryKind::HandedBack], true);

        return new self($entry->id, $entry->seq, Numbers::clock($entry->at), $entry->at->format('M j'), $entry->by, $text, $strong, $isSuperseded, $mayStrike, $entry->supersedes !== null);
    }

    /** @return array{0: string, 1: string} */
    private static function words(Entry $entry, Family $family): array
    {
        $screw = $family->adjusters[$entry->text('adjuster')]->name ?? 'Screw';

        return match ($entry->kind) {
            EntryKind::IntakeTaken => ['Intake: ', $entry->text('complaint')],
            EntryKind::NoteAdded => ['Note: '.$entry->text('text'), ''],
            EntryKind::ScrewCounted => ["{$screw} as found: ", self::turns($entry)],
            EntryKind::ScrewSet => ["{$screw} ".($entry->text('station') === 'run' ? 'left at ' : 'set to '), self::turns($entry)],
            EntryKind::SpeedRead => ["{$screw} ".self::turns($entry).': ', Numbers::rpm($entry->number('rpm')).' rpm'.($entry->textOrNull('mark') === null ? '' : ', '.$entry->text('mark'))],
            EntryKind::PartOff => ['Off: ', self::part($entry, $family).self::times($entry)],
            EntryKind::PartMissing => ['Not there: ', self::part($entry, $family).', '.$entry->text('said')],
            EntryKind::PartUnexpected => ['Not expected: ', $entry->text('name').self::times($entry)],
            EntryKind::StripEnded => ['Strip ended here', $entry->textOrNull('reason') === null ? '' : ': '.$entry->text('reason')],
            EntryKind::PartInspected => [($family->inspections[$entry->text('inspection')]->do ?? 'Looked at').': ', (Condition::tryFrom($entry->text('condition'))?->label() ?? '').($entry->textOrNull('reason') === null ? '' : ', '.$entry->text('reason'))],
            EntryKind::PartOn => ['Fitted: ', self::part($entry, $family).self::times($entry)],
            EntryKind::PartAccounted => [self::part($entry, $family).': ', $entry->text('became')],
            EntryKind::LinkNoted => [($family->links[$entry->text('link')] ?? 'Linkage').' ', $entry->text('text')],
            EntryKind::TestDone => [($family->tests[$entry->text('test')]->name ?? 'Test').': ', $entry->flag('passed') ? 'passes' : 'fails'],
            EntryKind::ClockStarted => [($family->clocks[$entry->text('clock')]->name ?? 'Clock').' started: ', $entry->integer('minutes').' min'.($entry->textOrNull('what') === null ? '' : ', '.$entry->text('what'))],
            EntryKind::ClockEnded => ['Clock ended', ''],
            EntryKind::CheckPromised => ['Put off: ', $entry->text('what')],
            EntryKind::PromiseKept => ['Done after all: ', $entry->text('result')],
            EntryKind::ThingTouched => ['Touched: '.str_replace('_', ' ', $entry->text('thing')), ''],
            EntryKind::HoldTested => self::hold(HoldRecord::of($entry), $family->hold->name ?? 'Hold'),
            EntryKind::SchoolChosen => ["{$screw}: school of the ".$entry->text('school'), ''],
            EntryKind::CheckDone => [($family->checks[$entry->text('check')]['do'] ?? 'Check').': ', $entry->flag('passed') ? 'passes' : 'fails'],
            EntryKind::StaleOverridden => ['Override of '.str_replace(['_', '.'], ' ', $entry->text('item')).': ', $entry->text('reason')],
            EntryKind::FindingNoted => [ucfirst(str_replace('_', ' ', $entry->text('finding'))).': ', self::answer($entry->text('answer'))],
            EntryKind::CheckAnswered => [ucfirst(str_replace('_', ' ', $entry->text('check'))).': ', self::answers($entry)],
            EntryKind::FaultRepaired => ['Cured: ', str_replace('_', ' ', $entry->text('fault'))],
            EntryKind::FlowStepped => [ucfirst(str_replace('_', ' ', $entry->text('flow'))).': ', str_replace('_', ' ', $entry->text('step')).($entry->flag('worked') ? ', done' : ', once more')],
            EntryKind::PhotoTaken => ['Photo: ', $entry->textOrNull('caption') ?? 'no caption'],
            EntryKind::PhotoPinned => ['Pin: ', $entry->text('text')],
            EntryKind::HandedBack => ['Handed back', ''],
            EntryKind::Struck => ['Struck an entry'.($entry->textOrNull('reason') === null ? '' : ': '.$entry->text('reason')), ''],
        };
    }

    private static function answer(string $word): string
    {
        return ['some' => 'a little', 'strong' => 'badly', 'cannot_tell' => 'cannot tell', 'not_looked' => 'not looked'][$word] ?? $word;
    }

    private static function answers(Entry $entry): string
    {
        $said = [];
        foreach ($entry->map('answers') as $finding => $answer) {
            $said[] = str_replace('_', ' ', (string) $finding).' '.self::answer(is_string($answer) ? $answer : '');
        }

        return implode(', ', $said);
    }

    private static function turns(Entry $entry): string
    {
        return Numbers::turns(Turns::ofUnits($entry->integer('units')));
    }

    private static function part(Entry $entry, Family $family): string
    {
        foreach ($family->plans as $plan) {
            if (isset($plan->parts[$entry->text('part')])) {
                return $plan->parts[$entry->text('part')]->name;
            }
        }

        return str_replace('_', ' ', $entry->text('part'));
    }

    private static function times(Entry $entry): string
    {
        return $entry->integer('count') > 1 ? ', '.$entry->integer('count') : '';
    }

    /** @return array{0: string, 1: string} */
    private static function hold(HoldRecord $hold, string $name): array
    {
        $gauge = static fn (float $kpa): string => $hold->isVacuum ? Numbers::inHg(abs($kpa)) : Numbers::psi(abs($kpa));
        $unit = $hold->isVacuum ? 'inHg' : 'psi';
        $text = $name.($hold->wetted ? ', wetted' : '').": {$gauge($hold->startKpa)} to {$gauge($hold->endKpa)} {$unit} in ".Numbers::seconds($hold->durationS).'. ';

        return [$text, match ($hold->verdict) {
            Verdict::Holds => 'Holds',
            Verdict::Leaks => 'Leak '.Numbers::flow($hold->leakMlMin).' cc/min',
            Verdict::HoldsBelow => 'Holds below '.$gauge($hold->plateauKpa ?? 0.0)." {$unit}",
            Verdict::KeepWatching => 'Keep watching',
        }];
    }
}
