<?php

declare(strict_types=1);

namespace App\View\Drawing;

/**
 * Where a machine of a kind stands in a drawn kitchen, and where its parts lie in its line drawing of 120 × 120.
 * What is due is pointed at there.
 */
final readonly class KitchenFigure
{
    public const WALL = 'wall';
    public const TOP = 'top';
    public const FLOOR = 'floor';

    private const LEVELS = [
        'hood' => self::WALL, 'dishwasher' => self::FLOOR, 'washing-machine' => self::FLOOR,
        'drip-brewer' => self::TOP, 'pod-brewer' => self::TOP, 'kettle' => self::TOP, 'espresso-machine' => self::TOP,
    ];

    /** @var array<string, array<string, array{int, int}>> by kind and part */
    private const SPOTS = [
        'dishwasher' => [
            'filter' => [60, 102], 'drain-mouth' => [60, 104], 'cover' => [60, 104], 'sump' => [60, 105], 'lower-arm' => [60, 93],
            'seal' => [95, 64], 'tub' => [32, 70], 'racks' => [60, 52], 'front' => [60, 18], 'salt' => [34, 104], 'air-gap' => [100, 8],
        ],
        'washing-machine' => [
            'drain-filter' => [90, 104], 'seal' => [60, 44], 'drawer' => [34, 20], 'drum' => [60, 66], 'inlet-screen' => [100, 30],
        ],
        'hood' => ['grease-filter' => [46, 92], 'carbon' => [60, 66], 'underside' => [60, 101], 'outlet' => [60, 8], 'duct' => [60, 24]],
        'drip-brewer' => ['carafe' => [74, 88], 'basket' => [74, 56], 'reservoir' => [34, 60], 'disc' => [34, 88]],
        'pod-brewer' => [
            'reservoir' => [26, 72], 'needle' => [72, 54], 'tray' => [74, 106], 'frother' => [100, 96], 'cartridge' => [26, 94],
        ],
        'kettle' => ['inside' => [56, 78], 'shell' => [56, 100]],
        'espresso-machine' => [
            'screen' => [58, 54], 'wand' => [92, 70], 'tray' => [60, 102], 'reservoir' => [30, 26], 'cartridge' => [30, 34],
        ],
    ];

    /** @param array{int, int} $spot where what is due first sits */
    private function __construct(public string $kind, public string $level, public array $spot)
    {
    }

    /** @param string $part of the machine, as its kind names it */
    public static function of(string $kind, string $part): self
    {
        return new self($kind, self::LEVELS[$kind] ?? self::TOP, self::SPOTS[$kind][$part] ?? [60, 64]);
    }
}
