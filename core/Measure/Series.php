<?php

declare(strict_types=1);

namespace GoodRinse\Core\Measure;

/** One thing measured on a machine again and again. */
final readonly class Series
{
    /**
     * @param string $unit of its figures
     * @param list<Point> $points the oldest first
     * @param bool $goodIsHigh whether more is better
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $unit,
        public array $points,
        public bool $goodIsHigh = false,
    ) {
    }

    /** What is usual here; null where there are too few figures. */
    public function band(): ?UsualBand
    {
        return UsualBand::of(array_map(static fn (Point $point): float => $point->value, $this->points), $this->goodIsHigh);
    }

    /** When the first of the newest figures was taken that are worse than usual; null when the newest is not. */
    public function unusualSince(): ?\DateTimeImmutable
    {
        $out = $this->band()->out ?? 0;

        return 0 === $out ? null : $this->points[count($this->points) - $out]->at;
    }

    /** The same from a moment on; what is usual is still told from all. */
    public function since(\DateTimeImmutable $from): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->unit,
            array_values(array_filter($this->points, static fn (Point $point): bool => $point->at >= $from)),
            $this->goodIsHigh,
        );
    }
}
