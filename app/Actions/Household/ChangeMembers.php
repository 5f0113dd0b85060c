<?php

declare(strict_types=1);

namespace App\Actions\Household;

use App\Actions\Account\AccountRefused;
use App\Actions\Account\RecordSecurity;
use App\Models\CalendarFeed;
use App\Models\Household;
use App\Models\Membership;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Who belongs to a household, and as what. A household with people in it has a keeper. */
final readonly class ChangeMembers
{
    public function __construct(private RecordSecurity $record)
    {
    }

    /** Lets a person in, and opens that household for them. The first one keeps it. */
    public function add(User $user, Household $household): void
    {
        DB::transaction(function () use ($user, $household): void {
            Membership::query()->firstOrCreate(
                ['user_id' => $user->id, 'household_id' => $household->id],
                ['role' => $household->memberships()->exists() ? Membership::MEMBER : Membership::KEEPER],
            );
            $user->household()->associate($household)->save();
        });
    }

    /** @throws AccountRefused when the person does not belong to it */
    public function open(User $user, Household $household): void
    {
        $this->membership($user, $household);
        $user->household()->associate($household)->save();
    }

    /** @throws AccountRefused when the person does not belong to it, or is its keeper */
    public function remove(User $by, User $user, Household $household): void
    {
        DB::transaction(function () use ($by, $user, $household): void {
            if ($this->membership($user, $household)->isKeeper()) {
                throw AccountRefused::because('keeper_stays');
            }
            $this->takeOut($user, $household);
            $this->record->handle('member-removed', $by, $user->name, $household->id);
        });
    }

    /** @throws AccountRefused when the person keeps it and others belong to it */
    public function leave(User $user, Household $household): void
    {
        DB::transaction(function () use ($user, $household): void {
            if ($this->membership($user, $household)->isKeeper()) {
                throw AccountRefused::because($household->memberships()->count() > 1 ? 'keeper_leaves' : 'last_leaves');
            }
            $this->takeOut($user, $household);
            $this->record->handle('member-left', $user, $user->name, $household->id);
        });
    }

    /** @throws AccountRefused when the other one does not belong to it */
    public function handOver(User $by, User $to, Household $household): void
    {
        DB::transaction(function () use ($by, $to, $household): void {
            $this->membership($to, $household)->update(['role' => Membership::KEEPER]);
            if ($by->id !== $to->id) {
                $this->membership($by, $household)->update(['role' => Membership::MEMBER]);
            }
            $this->record->handle('handed-over', $by, $to->name, $household->id);
        });
    }

    private function takeOut(User $user, Household $household): void
    {
        Membership::query()->where('user_id', $user->id)->where('household_id', $household->id)->delete();
        CalendarFeed::query()->where('household_id', $household->id)->where('made_by', $user->id)->delete();
        if ($user->household_id === $household->id) {
            $next = Membership::query()->where('user_id', $user->id)->orderBy('id')->value('household_id');
            $user->forceFill(['household_id' => $next])->save();
        }
    }

    private function membership(User $user, Household $household): Membership
    {
        return Membership::query()->where('user_id', $user->id)->where('household_id', $household->id)->first()
            ?? throw AccountRefused::because('not_there');
    }
}
