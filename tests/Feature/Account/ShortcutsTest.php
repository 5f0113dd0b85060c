<?php

declare(strict_types=1);

namespace Tests\Feature\Account;

use App\Models\User;
use App\Support\Shortcuts;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The single keys of a round are a person's own, and can be switched off. */
final class ShortcutsTest extends TestCase
{
    private User $user;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member();
        $this->actingAs($this->user);
    }

    public function test_chosen_keys_and_the_switch_are_kept_for_the_person_alone(): void
    {
        $this->put('/account/shortcuts', ['on' => '1', 'keys' => [...Shortcuts::DEFAULTS, 'note' => 'W', 'timer' => 'É']])
            ->assertRedirect('/account')->assertSessionHasNoErrors();
        $kept = Shortcuts::of($this->user->refresh()->shortcuts);
        self::assertSame([...Shortcuts::DEFAULTS, 'note' => 'w', 'timer' => 'é'], $kept->listened());

        $this->put('/account/shortcuts', ['keys' => $kept->keys])->assertSessionHasNoErrors();
        self::assertNull(Shortcuts::of($this->user->refresh()->shortcuts)->listened());
        self::assertSame($kept->keys, Shortcuts::of($this->user->shortcuts)->keys, 'they come back when switched on again');
        self::assertSame(Shortcuts::DEFAULTS, Shortcuts::of($this->member()->shortcuts)->listened());
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function unusable(): iterable
    {
        yield 'a digit picks an answer' => [[...Shortcuts::DEFAULTS, 'note' => '3'], 'keys.note'];
        yield 'two letters' => [[...Shortcuts::DEFAULTS, 'all' => 'ab'], 'keys.all'];
        yield 'a space' => [[...Shortcuts::DEFAULTS, 'more' => ' '], 'keys.more'];
        yield 'one key for two things' => [[...Shortcuts::DEFAULTS, 'timer' => 'N'], 'keys.note'];
        yield 'a list in its place' => [[...Shortcuts::DEFAULTS, 'keys' => ['?']], 'keys.keys'];
        yield 'something unknown' => [[...Shortcuts::DEFAULTS, 'stop' => 'x'], 'keys'];
        yield 'nothing' => [null, 'keys'];
    }

    #[DataProvider('unusable')]
    public function test_a_key_that_cannot_be_is_refused_at_its_field(mixed $keys, string $field): void
    {
        $this->put('/account/shortcuts', ['on' => '1', 'keys' => $keys])->assertSessionHasErrors($field);
        self::assertNull($this->user->refresh()->shortcuts);
    }

    public function test_what_was_kept_wrongly_falls_back_to_the_keys_as_they_come(): void
    {
        self::assertSame(Shortcuts::DEFAULTS, Shortcuts::of(['on' => 'perhaps', 'keys' => ['note' => '77', 'timer' => 4]])->listened());
    }
}
