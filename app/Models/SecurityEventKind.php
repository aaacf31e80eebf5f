<?php

declare(strict_types=1);

namespace App\Models;

enum SecurityEventKind: string
{
    case SignedIn = 'signed_in';
    case SignInRefused = 'sign_in_refused';
    case TooManyTries = 'too_many_tries';
    case SignedOut = 'signed_out';
    case Switched = 'switched';
    case PinRefused = 'pin_refused';
    case SignInEnded = 'sign_in_ended';
    case PersonAdded = 'person_added';
    case PersonRenamed = 'person_renamed';
    case RoleChanged = 'role_changed';
    case PersonRetired = 'person_retired';
    case PersonReturned = 'person_returned';
    case PasswordReset = 'password_reset';
    case PasswordChanged = 'password_changed';
    case PinSet = 'pin_set';
    case PinRemoved = 'pin_removed';
    case JobExported = 'job_exported';
    case JobImported = 'job_imported';
    case InstrumentKeyMade = 'instrument_key_made';
    case InstrumentRevoked = 'instrument_revoked';
    case ReportShared = 'report_shared';
    case ReportLinkRevoked = 'report_link_revoked';
    case NotAllowed = 'not_allowed';

    public function title(): string
    {
        return ucfirst(str_replace(['_', 'pin '], [' ', 'PIN '], $this->value));
    }
}
