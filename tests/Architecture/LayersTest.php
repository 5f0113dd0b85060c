<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Arrows point one way: app knows core, core knows nobody; controllers write through actions. */
final class LayersTest
{
    public function test_core_stands_alone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('GoodRinse\Core'))
            ->shouldNot()->dependOn()
            ->classes(
                Selector::inNamespace('App'),
                Selector::inNamespace('Illuminate'),
                Selector::inNamespace('Database'),
                Selector::inNamespace('Carbon'),
            )
            ->because('the rules of the job must be usable and testable without the application');
    }

    public function test_actions_do_not_know_the_web(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Actions'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('App\Http'), Selector::inNamespace('App\View'))
            ->because('the same action serves a page, a command and a device');
    }

    public function test_controllers_reach_the_database_through_actions_and_models(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Http\Controllers'))
            ->shouldNot()->dependOn()
            ->classes(Selector::classname('Illuminate\Support\Facades\DB'), Selector::inNamespace('Illuminate\Database\Query'))
            ->because('actions are the only writers');
    }

    public function test_models_hold_no_computation(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Models'))
            ->shouldNot()->dependOn()
            ->classes(
                Selector::inNamespace('GoodRinse\Core\Rhythm'),
                Selector::inNamespace('GoodRinse\Core\Simulation'),
                Selector::inNamespace('App\Http'),
                Selector::inNamespace('App\View'),
            )
            ->because('models hold no rules of the job');
    }
}
