<?php

declare(strict_types=1);

namespace Tests\Feature\Household;

use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

/** Reads the calendar of the person who is logged in. */
trait ReadsFeed
{
    private function feed(): string
    {
        $this->post('/feeds')->assertRedirect('/reminders');
        $address = session('feed');

        return is_string($address) ? (string) parse_url($address, PHP_URL_PATH) : '';
    }

    private function calendar(string $address): VCalendar
    {
        $read = Reader::read(
            (string) $this->get($address)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent(),
        );
        \assert($read instanceof VCalendar);

        return $read;
    }

    /** @return array<string, array{string, string}> component and day, by UID */
    private static function days(VCalendar $calendar): array
    {
        $days = [];
        foreach ($calendar->getComponents() as $component) {
            $day = 'VTODO' === $component->name ? $component->__get('DUE') : $component->__get('DTSTART');
            $days[(string) $component->__get('UID')] = [$component->name, (string) $day];
        }

        return $days;
    }

    /**
     * @param list<string> $names
     *
     * @return list<string>
     */
    private static function sorted(array $names): array
    {
        sort($names);

        return $names;
    }
}
