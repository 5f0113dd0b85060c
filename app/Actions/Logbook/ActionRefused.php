<?php

declare(strict_types=1);

namespace App\Actions\Logbook;

use GoodRinse\Core\Chemistry\Assessment;
use GoodRinse\Core\Refusal;

/** Something a person asked for that cannot be done; the message is for them. */
final class ActionRefused extends \DomainException implements Refusal
{
    public static function inTheFuture(): self
    {
        return self::because('in_the_future');
    }

    /** @param string $unit that the supply is counted in */
    public static function otherUnit(string $supply, string $unit): self
    {
        return self::because('other_unit', ['supply' => $supply, 'unit' => $unit]);
    }

    public static function tooManySupplies(): self
    {
        return self::because('too_many_supplies');
    }

    public static function hasRound(string $machine): self
    {
        return self::because('has_round', ['machine' => $machine]);
    }

    public static function handsEnough(): self
    {
        return self::because('hands_enough');
    }

    public static function idTaken(): self
    {
        return self::because('id_taken');
    }

    public static function beforeItWasThere(): self
    {
        return self::because('before_it_was_there');
    }

    public static function notCorrectable(): self
    {
        return self::because('not_correctable');
    }

    public static function roundIsRunning(): self
    {
        return self::because('round_is_running');
    }

    public static function roundEnded(): self
    {
        return self::because('round_ended');
    }

    public static function openEnds(): self
    {
        return self::because('open_ends');
    }

    public static function notAllDone(): self
    {
        return self::because('not_all_done');
    }

    /** The machine would run with something off it or untested. */
    public static function notWhole(string $what): self
    {
        return self::because('not_whole', ['what' => $what]);
    }

    public static function stillRunning(string $what, int $minutes): self
    {
        return new self(trans_choice('places/refusals.still_running', $minutes, ['what' => $what]));
    }

    public static function tooManyParts(int $most): self
    {
        return self::because('too_many_parts', ['most' => $most]);
    }

    public static function tooManyTasks(int $most): self
    {
        return self::because('too_many_tasks', ['most' => $most]);
    }

    public static function drawingBroken(): self
    {
        return self::because('drawing_broken');
    }

    public static function noSuchMesh(): self
    {
        return self::because('no_such_mesh');
    }

    public static function armGone(): self
    {
        return self::because('arm_gone');
    }

    public static function boreUnlikely(float $least, float $most): self
    {
        return self::because('bore_unlikely', ['least' => $least, 'most' => $most]);
    }

    public static function noSuchWait(): self
    {
        return self::because('no_such_wait');
    }

    public static function roundUnreadable(): self
    {
        return self::because('round_unreadable');
    }

    public static function invitationUsed(): self
    {
        return self::because('invitation_used');
    }

    public static function alreadyHasHousehold(): self
    {
        return self::because('already_has_household');
    }

    /** The interlock refuses; its reason and its remedy are the message. */
    public static function keptApart(Assessment $found): self
    {
        return new self(trim($found->reason.' '.$found->remedy));
    }

    public static function noSuchLight(): self
    {
        return self::because('no_such_light');
    }

    public static function noSuchPart(): self
    {
        return self::because('no_such_part');
    }

    public static function notASymptom(): self
    {
        return self::because('not_a_symptom');
    }

    public static function notAhead(): self
    {
        return self::because('not_ahead');
    }

    public static function endsBeforeItBegins(): self
    {
        return self::because('ends_before_it_begins');
    }

    public static function simulatorNeedsToken(): self
    {
        return self::because('simulator_needs_token');
    }

    public static function traceEnded(): self
    {
        return self::because('trace_ended');
    }

    public static function answeredMeanwhile(): self
    {
        return self::because('answered_meanwhile');
    }

    public static function photoUnreadable(): self
    {
        return self::because('photo_unreadable');
    }

    public static function documentNotKept(): self
    {
        return self::because('document_not_kept');
    }

    public static function tooManyDocuments(int $most): self
    {
        return self::because('too_many_documents', ['most' => $most]);
    }

    public static function quotaFull(int $megabytes): self
    {
        return self::because('quota_full', ['megabytes' => $megabytes]);
    }

    public static function alreadyRunning(): self
    {
        return self::because('already_running');
    }

    public static function photoNotKept(): self
    {
        return self::because('photo_not_kept');
    }

    /** @param array<string, string|int|float> $values */
    private static function because(string $key, array $values = []): self
    {
        return new self((string) __("places/refusals.$key", $values));
    }
}
