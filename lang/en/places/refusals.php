<?php

declare(strict_types=1);

/** Why something that a person asked for cannot be done, and what to do instead. */
return [
    'in_the_future' => 'That is in the future. Write it down when it has happened.',
    'other_unit' => 'Here :supply is counted in :unit. Give the amount in :unit.',
    'too_many_supplies' => 'You have 200 supplies of your own already. Use one of them, or keep several things under one name.',
    'has_round' => 'A round on :machine is under way already. Finish it or stop it first, or leave :machine out here.',
    'hands_enough' => 'Two people are at it already. A plan has work for two at most. Take a machine of your own instead.',
    'id_taken' => 'This was already sent under the same number, with something else in it. Reload the page and send it again.',
    'before_it_was_there' => 'The machine was not in your kitchen yet on that day. Check the day.',
    'not_correctable' => 'This line cannot be corrected. Undo it and write it down again.',
    'round_is_running' => 'Its round is still under way. Correct it there, on its step.',
    'round_ended' => 'This round has ended, so nothing more was written. Start a new one to go on.',
    'open_ends' => 'Something is still apart or untested. Say that you know before you end the round.',
    'not_all_done' => 'There are steps left. Do them, or stop the round here.',
    'not_whole' => 'Do not run it like this: :what. Fix that first, or say that you know.',
    'still_running' => '{1} :what: about a minute is left. Has it really ended already? Then say so below.|[0,*] :what: about '
        .':count minutes are left. Has it really ended already? Then say so below.',
    'too_many_parts' => 'One machine can have :most parts of your own at most. Remove one first.',
    'too_many_tasks' => 'One machine can have :most tasks of your own at most. Change one that is there.',
    'drawing_broken' => 'The drawing of the arms did not arrive complete. Reload the page and try again.',
    'no_such_mesh' => 'That is not a mesh of this machine. Pick one of those shown.',
    'arm_gone' => 'This machine does not have that spray arm any more. Reload the page to see the arms it has.',
    'bore_unlikely' => 'A jet is between :least and :most mm wide. Check the widths.',
    'no_such_wait' => 'That is not one of the times this step offers. Pick one of those shown.',
    'round_unreadable' => 'The steps of this round were written by an earlier version and can no longer be read. End it here and '
        .'start a new one. Everything it wrote down is kept.',
    'invitation_used' => 'This invitation has been used or has expired. Ask for a new one.',
    'already_has_household' => 'You already belong to this household. Log out and open the link with another account.',
    'no_such_light' => 'This machine has no such light.',
    'no_such_part' => 'The machine has no such part.',
    'not_a_symptom' => 'That entry is not something a job could have caused.',
    'not_ahead' => 'Choose a day between tomorrow and a year from now.',
    'ends_before_it_begins' => 'That ends before it begins. Change one of the two days.',
    'simulator_needs_token' => 'Its token was revoked. Make a new one first, then start the simulator.',
    'trace_ended' => 'This trace has ended, so nothing more was written.',
    'answered_meanwhile' => 'Someone else answered in the meantime. This page shows their answer. Answer again if yours still fits.',
    'photo_unreadable' => 'That picture could not be read. Take it again, or choose a JPEG, PNG or WebP file.',
    'document_not_kept' => 'The file could not be saved: the disk is full or cannot be written. Free some space and add it again.',
    'too_many_documents' => 'A machine keeps :most papers at most. Remove one that you no longer need.',
    'quota_full' => 'Your pictures and papers fill the :megabytes MB there are for them. Remove some first. Everything else was saved.',
    'already_running' => 'It is running already. Wait a few seconds.',
    'photo_not_kept' => 'The picture could not be saved: the disk is full or cannot be written. Everything else was saved. Free '
        .'some space and add the picture again.',
];
