<?php

declare(strict_types=1);

namespace Tests\Feature\Logbook;

use App\View\Entries\EntryPresenters;
use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\Note;
use Tests\TestCase;

/** Every kind of entry can be read back, said in words, and drawn. */
final class EntryPresentersTest extends TestCase
{
    public function test_every_kind_has_a_payload_of_its_own_and_a_sign_of_its_own(): void
    {
        $payloads = array_map(static fn (EntryKind $kind): string => $kind->payloadClass(), EntryKind::cases());
        self::assertSame($payloads, array_unique($payloads));
        self::assertSame(
            array_map(static fn (EntryKind $kind): string => $kind->value, EntryKind::cases()),
            array_keys(EntryPresenters::signs()),
        );
        self::assertSame(EntryPresenters::signs(), array_unique(EntryPresenters::signs()));
    }

    public function test_each_is_shown_by_the_class_that_names_it(): void
    {
        $presenter = app(EntryPresenters::class)->of(new Note('the bracket squeaks'));
        self::assertSame(Note::class, $presenter::payload());
    }
}
