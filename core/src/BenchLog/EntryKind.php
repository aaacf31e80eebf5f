<?php

declare(strict_types=1);

namespace DustyJet\BenchLog;

/** Every kind of entry a bench log may hold, with the fields it carries. A `?` marks a field that may be missing. */
enum EntryKind: string
{
    case IntakeTaken = 'intake_taken';
    case NoteAdded = 'note_added';
    case ScrewCounted = 'screw_counted';
    case PartOff = 'part_off';
    case PartMissing = 'part_missing';
    case PartUnexpected = 'part_unexpected';
    case StripEnded = 'strip_ended';
    case PartInspected = 'part_inspected';
    case PartOn = 'part_on';
    case PartAccounted = 'part_accounted';
    case LinkNoted = 'link_noted';
    case TestDone = 'test_done';
    case CheckPromised = 'check_promised';
    case PromiseKept = 'promise_kept';
    case ClockStarted = 'clock_started';
    case ClockEnded = 'clock_ended';
    case ThingTouched = 'thing_touched';
    case HoldTested = 'hold_tested';
    case ScrewSet = 'screw_set';
    case SchoolChosen = 'school_chosen';
    case SpeedRead = 'speed_read';
    case CheckDone = 'check_done';
    case StaleOverridden = 'stale_overridden';
    case FindingNoted = 'finding_noted';
    case CheckAnswered = 'check_answered';
    case FaultRepaired = 'fault_repaired';
    case FlowStepped = 'flow_stepped';
    case PhotoTaken = 'photo_taken';
    case PhotoPinned = 'photo_pinned';
    case HandedBack = 'handed_back';
    case Struck = 'struck';

    /** @return array<string, string> field => type, one of text, ?text, number, ?number, integer, ?integer, flag, map, uuid */
    public function fields(): array
    {
        return match ($this) {
            self::IntakeTaken => ['machine' => 'text', 'engine' => 'text', 'serial' => '?text', 'customer' => '?text', 'complaint' => 'text', 'variant' => 'text', 'idle_sense' => 'text', 'stored_days' => '?integer', 'fuel_age_days' => '?integer', 'promised_at' => '?text'],
            self::NoteAdded => ['text' => 'text', 'station' => '?text'],
            self::ScrewCounted => ['adjuster' => 'text', 'units' => 'integer'],
            self::PartOff => ['part' => 'text', 'count' => 'integer'],
            self::PartMissing => ['part' => 'text', 'said' => 'text'],
            self::PartUnexpected => ['name' => 'text', 'count' => 'integer'],
            self::StripEnded => ['reason' => '?text'],
            self::PartInspected => ['inspection' => 'text', 'condition' => 'text', 'reason' => '?text'],
            self::PartOn => ['part' => 'text', 'count' => 'integer', 'looked' => 'flag'],
            self::PartAccounted => ['part' => 'text', 'became' => 'text'],
            self::LinkNoted => ['link' => 'text', 'text' => 'text'],
            self::TestDone => ['test' => 'text', 'passed' => 'flag', 'note' => '?text'],
            self::CheckPromised => ['what' => 'text'],
            self::PromiseKept => ['promise' => 'uuid', 'result' => 'text'],
            self::ClockStarted => ['clock' => 'text', 'minutes' => 'integer', 'what' => '?text'],
            self::ClockEnded => ['clock' => 'uuid'],
            self::ThingTouched => ['thing' => 'text'],
            self::HoldTested => ['trace' => 'uuid', 'method' => 'text', 'volume_ml' => 'number', 'volume_u_percent' => '?number', 'limit_ml_min' => 'number', 'step_psi' => '?number', 'wetted' => 'flag', 'result' => 'map', 'fit' => 'map'],
            self::ScrewSet => ['adjuster' => 'text', 'units' => 'integer', 'station' => 'text'],
            self::SchoolChosen => ['adjuster' => 'text', 'school' => 'text'],
            self::SpeedRead => ['adjuster' => 'text', 'units' => 'integer', 'rpm' => 'number', 'mark' => '?text'],
            self::CheckDone => ['check' => 'text', 'passed' => 'flag', 'rpm' => '?number'],
            self::StaleOverridden => ['item' => 'text', 'reason' => 'text'],
            self::FindingNoted => ['finding' => 'text', 'answer' => 'text'],
            self::CheckAnswered => ['check' => 'text', 'answers' => 'map'],
            self::FaultRepaired => ['fault' => 'text'],
            self::FlowStepped => ['flow' => 'text', 'step' => 'text', 'worked' => 'flag'],
            self::PhotoTaken => ['photo' => 'uuid', 'station' => 'text', 'caption' => '?text'],
            self::PhotoPinned => ['photo' => 'uuid', 'across' => 'number', 'down' => 'number', 'text' => 'text'],
            self::HandedBack => ['advice' => '?text'],
            self::Struck => ['reason' => '?text'],
        };
    }

    /**
     * Whether two people may add this at once without either having seen the other's entry.
     *
     * A setting replaces another, and a hand-back closes the job: those must have seen what they replace.
     */
    public function commutes(): bool
    {
        return ! in_array($this, [self::IntakeTaken, self::ScrewSet, self::HandedBack, self::Struck, self::StaleOverridden], true);
    }

    /** Whether it changes what lies on the tray or is back on the carburetor. */
    public function movesParts(): bool
    {
        return in_array($this, [self::PartOff, self::PartMissing, self::PartUnexpected, self::PartOn, self::PartAccounted], true);
    }

    /**
     * Refuses a payload that is not of this kind.
     *
     * @param  array<array-key, mixed>  $payload
     *
     * @throws UnreadableEntry If a field is missing, of the wrong type or unknown.
     */
    public function check(array $payload): void
    {
        $fields = $this->fields();
        foreach (array_keys($payload) as $name) {
            isset($fields[$name]) || throw UnreadableEntry::unknownField($this->value, (string) $name);
        }
        foreach ($fields as $name => $type) {
            $missing = ! isset($payload[$name]);
            if ($missing ? ! str_starts_with($type, '?') : ! self::is(ltrim($type, '?'), $payload[$name])) {
                throw UnreadableEntry::field($this->value, $name, ltrim($type, '?'));
            }
        }
    }

    private static function is(string $type, mixed $value): bool
    {
        return match ($type) {
            'text' => is_string($value) && $value !== '' && mb_strlen($value) <= 4000 && ! str_contains($value, "\0"),
            'number' => is_int($value) || (is_float($value) && is_finite($value)),
            'integer' => is_int($value),
            'flag' => is_bool($value),
            'map' => is_array($value),
            'uuid' => is_string($value) && preg_match('~^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$~', $value) === 1,
            default => false,
        };
    }
}
