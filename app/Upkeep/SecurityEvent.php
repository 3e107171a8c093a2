<?php

namespace App\Upkeep;

/** What the log of security tells of. */
enum SecurityEvent: string
{
    case SignedIn = 'signed in';
    case SignInRefused = 'sign-in refused';
    case CodeRefused = 'code of the second factor refused';
    case TookBench = 'took the bench over by PIN';
    case PinRefused = 'PIN refused';
    case Vouched = 'looked as second person by PIN';
    case SignedOutEverywhere = 'signed out everywhere';
    case PasswordSet = 'password set';
    case PinSet = 'PIN set';
    case SecondFactorOn = 'second factor begun';
    case SecondFactorOff = 'second factor ended';
    case RecoveryCodeUsed = 'recovery code used';
    case ShopBegun = 'shop begun';
    case PersonAdded = 'person added';
    case RoleChanged = 'role changed';
    case PersonShutOut = 'may no longer sign in';
    case PersonLetIn = 'may sign in again';
    case CodeGiven = 'beginner’s code given';
    case TabletEnrolled = 'tablet enrolled';
    case TabletRevoked = 'tablet removed';
    case NotAllowed = 'refused for want of the right';
    case BackedUp = 'backed up';
    case BackupFailed = 'backup failed';
    case Restored = 'restored from a backup';
    case Exported = 'exported';
    case Imported = 'read in from an export';
}
