<?php

declare(strict_types=1);

namespace DustyJet\Worksheet\Starting;

use DustyJet\Carburetor\Family;
use DustyJet\Worksheet\Ledger;

/**
 * How the engine was started after the work, try by try, and what to do when it will not. Common practice: an empty bowl
 * or a dry pump takes many pulls; what then gives nothing has no fuel or too much, and the plug says which.
 */
final readonly class Starting implements Ledger
{
    /** The name of its tab at Run. */
    public const TAB = 'start';

    public const CLOCK = 'warm_up';

    /** With less, an empty bowl may still be filling. */
    private const PATIENCE = 20;

    /** A try whose pulls nobody counted. */
    private const USUAL_PULLS = 5;

    /** Fires and dies so often in a row: it is no longer an empty bowl. */
    private const TIRED = 3;

    /** @param  list<StartTried>  $tries since the work, the last one last */
    private function __construct(public array $tries)
    {
    }

    public static function atStart(Family $family): self
    {
        return new self([]);
    }

    public function tried(StartTried $try): self
    {
        return new self([...$this->tries, $try]);
    }

    public function latest(): ?StartTried
    {
        return $this->tries[count($this->tries) - 1] ?? null;
    }

    public function runs(): bool
    {
        return $this->latest()?->outcome === StartOutcome::Runs;
    }

    /** Whether more of the same is no use. */
    public function isStuck(): bool
    {
        return match ($this->latest()?->outcome) {
            StartOutcome::Dies => $this->inARow() >= self::TIRED,
            StartOutcome::Nothing => $this->pulls() >= self::PATIENCE,
            default => false,
        };
    }

    /** What to do now, in a few sentences. */
    public function advice(): string
    {
        return match ($this->latest()?->outcome) {
            null => 'In this order. An empty bowl or a dry pump takes many pulls: be patient, rest an electric starter.',
            StartOutcome::Runs => 'Choke off as far as it takes it. Two minutes warm before a screw is judged.',
            StartOutcome::Dies => $this->isStuck()
                ? 'It fires and starves. Not a screw: look for a lean cause, from the fuel at the line to an air leak.'
                : 'Fuel comes, not yet enough. Prime it again, choke half on, and again.',
            StartOutcome::Nothing => $this->isStuck()
                ? "{$this->pulls()} pulls. Ignition off, then take the plug out and look. Dry: no fuel comes. Wet: dry the plug and "
                    .'put it back first, then clear it by the steps for a flooded engine at Intake; never while anything drips.'
                : "{$this->pulls()} pulls of about ".self::PATIENCE.': it may still be filling. Go on.',
        };
    }

    /** Pulls since it last fired. */
    private function pulls(): int
    {
        $pulls = 0;
        foreach (array_reverse($this->tries) as $try) {
            if ($try->outcome !== StartOutcome::Nothing) {
                break;
            }
            $pulls += $try->pulls ?? self::USUAL_PULLS;
        }

        return $pulls;
    }

    private function inARow(): int
    {
        $row = 0;
        foreach (array_reverse($this->tries) as $try) {
            if ($try->outcome !== StartOutcome::Dies) {
                break;
            }
            $row++;
        }

        return $row;
    }
}
