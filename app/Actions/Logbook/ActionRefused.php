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
        return new self('That lies in the future. Write it down when it has happened.');
    }

    /** @param string $unit that the supply is counted in */
    public static function otherUnit(string $supply, string $unit): self
    {
        return new self(sprintf('Here %s is counted in %s, and nobody can say how much of it that would be. Give it so.', $supply, $unit));
    }

    public static function tooManySupplies(): self
    {
        return new self('You keep 200 supplies of your own already. Use one of them, or keep several things under one name.');
    }

    public static function hasRound(string $machine): self
    {
        return new self(sprintf('A round on %s is under way already. Finish it or stop it first, or leave %1$s out here.', $machine));
    }

    public static function handsEnough(): self
    {
        return new self('Two people are at it already. A plan has work for two at most; take a machine of its own instead.');
    }

    public static function idTaken(): self
    {
        return new self('This was already sent under the same number, with something else in it. Reload the page and send it again.');
    }

    public static function beforeItWasThere(): self
    {
        return new self('The machine was not there yet on that day. Look at the day again.');
    }

    public static function notCorrectable(): self
    {
        return new self('This line cannot be set right. Take it back and write it down anew.');
    }

    public static function roundIsRunning(): self
    {
        return new self('Its round is still under way. Set it right there, on its step.');
    }

    public static function roundEnded(): self
    {
        return new self('This round has ended, so nothing more was written. Start a new one to go on.');
    }

    public static function openEnds(): self
    {
        return new self('Something is still apart or untested. Say that you know before ending the round.');
    }

    public static function notAllDone(): self
    {
        return new self('There are steps left. Do them, or stop the round here.');
    }

    /** The machine would run with something off it or untested. */
    public static function notWhole(string $what): self
    {
        return new self("Don't run it like this: $what. Put it right first, or say that you know.");
    }

    public static function stillRunning(string $what, int $minutes): self
    {
        return new self("$what: about $minutes min are left. Has it really ended already? Then say so below.");
    }

    public static function tooManyParts(int $most): self
    {
        return new self("That is the most parts that can be added to one machine: $most. Take one away first.");
    }

    public static function tooManyTasks(int $most): self
    {
        return new self("That is the most tasks of your own that one machine can have: $most. Change one that is there.");
    }

    public static function drawingBroken(): self
    {
        return new self('The drawing of the arms did not arrive whole. Reload the page and try again.');
    }

    public static function noSuchMesh(): self
    {
        return new self('That is not a mesh of this machine. Pick one of those shown.');
    }

    public static function armGone(): self
    {
        return new self('This machine does not have that spray arm any more. Reload the page: it shows the arms there are.');
    }

    public static function boreUnlikely(float $least, float $most): self
    {
        return new self("A jet is between $least and $most mm wide. Look at the widths again.");
    }

    public static function noSuchWait(): self
    {
        return new self('That is not one of the times this step offers. Pick one of those shown.');
    }

    public static function roundUnreadable(): self
    {
        return new self(
            'The steps of this round were written by an earlier version and cannot be read any more. End it here and start a new one; '
                .'everything it wrote down is kept.',
        );
    }

    public static function invitationUsed(): self
    {
        return new self('This invitation has been used or has run out. Ask for a new one.');
    }

    public static function alreadyHasHousehold(): self
    {
        return new self('You already belong to this household. Log out and open the link with another account.');
    }

    /** The interlock refuses; its reason and its remedy are the message. */
    public static function keptApart(Assessment $found): self
    {
        return new self(trim($found->reason.' '.$found->remedy));
    }

    public static function noSuchLight(): self
    {
        return new self('This machine has no such light.');
    }

    public static function noSuchPart(): self
    {
        return new self('The machine has no such part.');
    }

    public static function notASymptom(): self
    {
        return new self('That entry tells of nothing that a job could have caused.');
    }

    public static function notAhead(): self
    {
        return new self('Choose a day between tomorrow and a year from now.');
    }

    public static function endsBeforeItBegins(): self
    {
        return new self('That ends before it begins. Change one of the two days.');
    }

    public static function simulatorNeedsToken(): self
    {
        return new self('Its token was revoked. Make a new one first, then start the simulator.');
    }

    public static function traceEnded(): self
    {
        return new self('This trace has ended, so nothing more was written.');
    }

    public static function answeredMeanwhile(): self
    {
        return new self('Somebody else answered meanwhile. This is how it stands now; answer again if it still fits.');
    }

    public static function photoUnreadable(): self
    {
        return new self('That picture could not be read. Take it again, or choose a JPEG, PNG or WebP file.');
    }

    public static function documentNotKept(): self
    {
        return new self('The file could not be stored: the disk is full or closed to us. Free some space and add it again.');
    }

    public static function tooManyDocuments(int $most): self
    {
        return new self("A machine keeps $most papers at most. Remove one that is no longer needed.");
    }

    public static function quotaFull(int $megabytes): self
    {
        return new self("Your pictures and papers fill the $megabytes MB there are for them. Take some away first; all else was kept.");
    }

    public static function alreadyRunning(): self
    {
        return new self('It is running already. Wait a few seconds.');
    }

    public static function photoNotKept(): self
    {
        return new self(
            'The picture could not be stored: the disk is full or closed to us. Everything else was kept; free some space and add the '
                .'picture again.',
        );
    }
}
