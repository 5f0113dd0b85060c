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
            'lower-rack' => [60, 73], 'upper-rack' => [60, 51], 'third-rack' => [60, 39], 'cutlery-tray' => [60, 39], 'basket' => [44, 72],
            'upper-arm' => [60, 62], 'top-arm' => [60, 36], 'hub' => [60, 93], 'feed-tube' => [89, 70], 'screen' => [60, 100],
            'mat' => [60, 103], 'pump-guard' => [64, 107], 'wash-impeller' => [70, 107], 'impeller' => [70, 107], 'chopper' => [70, 104],
            'float' => [84, 100], 'heater-clips' => [40, 100], 'cups' => [60, 86], 'valve' => [78, 112], 'vent' => [84, 30],
            'door' => [60, 30], 'hose' => [102, 108], 'disposer' => [106, 60], 'supply' => [18, 108], 'label' => [92, 30],
        ],
        'washing-machine' => [
            'drain-filter' => [90, 104], 'seal' => [60, 44], 'drawer' => [34, 20], 'drum' => [60, 66], 'inlet-screen' => [100, 30],
            'impeller' => [86, 104], 'inlet-hose' => [102, 26],
        ],
        'hood' => [
            'grease-filter' => [46, 92], 'carbon' => [60, 66], 'underside' => [60, 101], 'outlet' => [60, 8], 'duct' => [60, 24],
            'cup' => [24, 96], 'lamps' => [60, 96], 'buttons' => [60, 76], 'grille' => [60, 84], 'wheel' => [60, 56],
        ],
        'drip-brewer' => [
            'carafe' => [74, 88], 'basket' => [74, 56], 'reservoir' => [34, 60], 'disc' => [34, 88], 'permanent' => [74, 52],
            'drip-stop' => [74, 64], 'spray-head' => [74, 44], 'plate' => [76, 110],
        ],
        'pod-brewer' => [
            'reservoir' => [26, 72], 'needle' => [72, 54], 'tray' => [74, 106], 'frother' => [100, 96], 'cartridge' => [26, 94],
            'holder' => [72, 48], 'lower-needle' => [72, 58], 'gasket' => [72, 44], 'chamber' => [66, 30], 'capsule-bin' => [74, 84],
        ],
        'kettle' => ['inside' => [56, 78], 'shell' => [56, 100], 'strainer' => [28, 50]],
        'espresso-machine' => [
            'screen' => [58, 54], 'wand' => [92, 70], 'tray' => [60, 102], 'reservoir' => [30, 26], 'cartridge' => [30, 34],
            'basket' => [58, 84], 'gasket' => [58, 60],
        ],
    ];

    /** @param array{int, int} $spot where what is due first sits */
    private function __construct(public string $kind, public string $level, public array $spot)
    {
    }

    /** As it is where its part is drawn, null where it is not. */
    public static function at(string $kind, string $part): ?self
    {
        return isset(self::SPOTS[$kind][$part]) ? self::of($kind, $part) : null;
    }

    /** @param string $part of the machine, as its kind names it */
    public static function of(string $kind, string $part): self
    {
        return new self($kind, self::LEVELS[$kind] ?? self::TOP, self::SPOTS[$kind][$part] ?? [60, 64]);
    }
}
