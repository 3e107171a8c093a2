<?php

namespace App\Http;

use Illuminate\Database\QueryException;
use PDOException;
use Throwable;

/** What is not there for a while, and comes back by itself or by somebody's hand: no fault of the program. */
enum Outage
{
    case Database;
    case Disk;

    /** States of PostgreSQL (SQLSTATE, appendix A of its manual): lines that broke, a server that stops or starts, too many lines. */
    private const AWAY = ['08000', '08001', '08003', '08004', '08006', '57P01', '57P02', '57P03', '53300'];

    private const FULL = ['53100', '58030'];

    public static function of(Throwable $error): ?self
    {
        for ($each = $error; $each !== null; $each = $each->getPrevious()) {
            if (str_contains($each->getMessage(), 'No space left on device')) {
                return self::Disk;
            }
            if ($each instanceof PDOException) {
                $state = (string) $each->getCode();
                if (in_array($state, self::FULL, true)) {
                    return self::Disk;
                }
                // one that could not be made at all has the driver's number for a code
                if (in_array($state, self::AWAY, true) || $state === '7' || str_contains($each->getMessage(), 'server closed the connection') || str_contains($each->getMessage(), 'no connection to the server')) {
                    return self::Database;
                }
            }
        }

        return null;
    }

    /** Whether a table or a database is asked for that there is not: nobody has begun that shop. */
    public static function isNotMade(Throwable $error): bool
    {
        return $error instanceof QueryException && (in_array((string) $error->getCode(), ['42P01', '3D000'], true) || preg_match('/database "[^"]*" does not exist/', $error->getMessage()) === 1);
    }

    public function title(): string
    {
        return match ($this) {
            self::Database => 'The database is not there',
            self::Disk => 'The disk is full',
        };
    }

    public function detail(): string
    {
        return match ($this) {
            self::Database => 'The database is being started. What you typed is kept here and sent again by itself.',
            self::Disk => 'The disk of the shop’s machine is full. What you typed is kept here; the owner makes room, then it is sent by itself.',
        };
    }

    /** In seconds. */
    public function retryAfter(): int
    {
        return $this === self::Database ? 2 : 30;
    }
}
