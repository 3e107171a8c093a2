<?php

namespace App\Policies;

use App\Models\Role;

/**
 * Who may do what in the shop: the one table. Everybody who is signed in may work on the bench; what binds the shop, or
 * undoes another's word, is not an apprentice's alone.
 */
enum Right: string
{
    case KeepSheet = 'keep-sheet';
    case ChangeTools = 'change-tools';
    case HandOver = 'hand-over';
    case StrikeAnothers = 'strike-anothers';
    case AdoptSheet = 'adopt-sheet';
    case MakeHabits = 'make-habits';
    case ManagePeople = 'manage-people';
    case ManageShop = 'manage-shop';

    /** @return list<Role> */
    public function holders(): array
    {
        return match ($this) {
            self::MakeHabits, self::ManagePeople, self::ManageShop => [Role::Owner],
            default => [Role::Owner, Role::Mechanic],
        };
    }

    public function isOf(Role $role): bool
    {
        return in_array($role, $this->holders(), true);
    }

    /** What binds the whole shop wants a password; a PIN is for the bench. */
    public function wantsPassword(): bool
    {
        return in_array($this, [self::ManagePeople, self::ManageShop], true);
    }

    /** What somebody of a role may do, as the owner who gives it reads it. */
    public static function words(Role $role): string
    {
        $not = array_map(static fn (self $right): string => $right->deed(), array_values(array_filter(self::cases(), static fn (self $right): bool => ! $right->isOf($role))));

        return $not === [] ? 'Everything.' : 'Works on the bench and reads everything, but for '.implode(', ', $not).'.';
    }

    private function deed(): string
    {
        return match ($this) {
            self::KeepSheet => 'keeping a version of a sheet',
            self::ChangeTools => 'entering or changing tools',
            self::HandOver => 'handing a machine over',
            self::StrikeAnothers => 'striking out what others entered',
            self::AdoptSheet => 'letting a job go on with another version of its sheet',
            self::MakeHabits => 'making the habits of the shop',
            self::ManagePeople => 'adding people',
            self::ManageShop => 'saying what the shop is',
        };
    }

    /** Why somebody may not, and who may. */
    public function refusal(): string
    {
        $who = implode(' or ', array_map(static fn (Role $role): string => 'the '.$role->value, array_reverse($this->holders())));
        $what = match ($this) {
            self::KeepSheet => 'keeps a version of a sheet',
            self::ChangeTools => 'enters or changes tools',
            self::HandOver => 'hands a machine over',
            self::StrikeAnothers => 'strikes out what somebody else has entered',
            self::AdoptSheet => 'lets a job go on with another version of its sheet',
            self::MakeHabits => 'makes the habits of the shop',
            self::ManagePeople => 'adds people and gives them their codes',
            self::ManageShop => 'says what the shop is',
        };

        return ucfirst($who).' '.$what.'.';
    }
}
