<?php

declare(strict_types=1);

namespace DustyJet\Engine;

use Random\Randomizer;

/** A bank out of balance, drawn: cylinders a little unlike, plates ajar, screws that work either way. From memory. */
final readonly class RandomBank
{
    private const RESOLUTION = 1 << 30;

    /** A little of the master idle screw, and so often at most. */
    private const MASTER = 1.02;

    private const MOST_MASTER = 15;

    /**
     * @param  list<Setting>  $settings one a cylinder
     * @param  list<float>  $degreesPerTurn what a screw does to its plate
     */
    private function __construct(
        private BankOnEngine $engine,
        private array $settings,
        private array $degreesPerTurn,
        private float $idleRpm,
    ) {
    }

    /** @param  int  $count of carburetors, 2 to 6 */
    public static function of(Randomizer $chance, int $count): self
    {
        $between = static fn (float $least, float $most): float => $least + ($most - $least) * $chance->getInt(0, self::RESOLUTION) / self::RESOLUTION;
        $well = RandomEngine::of($chance, $chance->getInt(0, 1) === 0 ? Stroke::Two : Stroke::Four);
        $opens = $chance->getInt(0, 1) === 0 ? 1.0 : -1.0;
        $engines = $settings = $perTurn = [];
        for ($i = 0; $i < $count; $i++) {
            $cylinder = $well->engine->cylinder->failing($between(0.97, 1.03), 1.0);
            $engines[] = new VirtualEngine($cylinder, $well->engine->throat, $well->engine->circuits);
            $settings[] = $well->idle->at($well->idle->throttleDeg * $between(0.9, 1.15));
            $perTurn[] = $opens * $between(1.0, 3.0);
        }

        $bank = new self(new BankOnEngine($engines), $settings, $perTurn, $well->idleRpm);

        return $bank->idling() ?? self::of($chance, $count);
    }

    /** With the master idle screw, which opens them all, set first; null where it does not do. */
    private function idling(): ?self
    {
        $bank = $this;
        for ($i = 0; $i < self::MOST_MASTER; $i++) {
            if ($bank->idles()['rpm'] >= $this->idleRpm) {
                return $bank;
            }
            $opened = array_map(static fn (Setting $s): Setting => $s->at($s->throttleDeg * self::MASTER), $bank->settings);
            $bank = new self($this->engine, $opened, $this->degreesPerTurn, $this->idleRpm);
        }

        return null;
    }

    /** With one screw turned, and the idle kept up by the master screw. */
    public function turned(int $carburetor, float $turns): self
    {
        $settings = $this->settings;
        $at = $settings[$carburetor];
        $degrees = $at->throttleDeg + $turns * $this->degreesPerTurn[$carburetor];
        $settings[$carburetor] = $at->at(max(0.0, min(90.0, $degrees)));

        $bank = new self($this->engine, array_values($settings), $this->degreesPerTurn, $this->idleRpm);

        return $bank->idling() ?? $bank;
    }

    /** @return array{rpm: float, vacuum_inhg: list<float>} as it really is */
    public function idles(): array
    {
        return $this->engine->idles($this->settings, Weather::standard());
    }
}
