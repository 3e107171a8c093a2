<?php

namespace App\Upkeep;

use Illuminate\Log\Logger;
use Monolog\Formatter\JsonFormatter;
use Monolog\Handler\FormattableHandlerInterface;
use Monolog\LogRecord;

/**
 * The log in lines of JSON, without what people typed: a statement of the database is named without its values, and an
 * exception by its class, its message and where it was thrown.
 */
final class PlainLog
{
    /** What comes behind a database's message: the row that failed, connection, statement and values. */
    private const STATEMENT = '/(\s*DETAIL: | \(Connection: ).*$/s';

    public function __invoke(Logger $logger): void
    {
        $monolog = $logger->getLogger();
        assert($monolog instanceof \Monolog\Logger);
        foreach ($monolog->getHandlers() as $handler) {
            if ($handler instanceof FormattableHandlerInterface) {
                $handler->setFormatter(new JsonFormatter);
            }
        }
        $monolog->pushProcessor(self::plain(...));
    }

    public static function plain(LogRecord $record): LogRecord
    {
        $error = $record->context['exception'] ?? null;
        $context = $error instanceof \Throwable
            ? ['exception' => $error::class, 'thrown' => str_replace(base_path().'/', '', $error->getFile()).':'.$error->getLine(), 'trace' => self::trace($error)]
            : [];

        return $record->with(message: (string) preg_replace(self::STATEMENT, '', $record->message), context: $context, extra: ['answering' => self::shop(PHP_SAPI)]);
    }

    /** The database whose shop was being answered; a command that somebody typed answers none. */
    public static function shop(string $sapi): ?string
    {
        $database = config('database.connections.pgsql.database');

        return $sapi === 'cli' || ! is_string($database) ? null : $database;
    }

    /** Whether a line of the log is a fault of that shop's server. */
    public static function isFault(string $line, string $shop): bool
    {
        return preg_match('/"level_name":"(ERROR|CRITICAL|ALERT|EMERGENCY)"/', $line) === 1 && str_contains($line, '"answering":'.json_encode($shop));
    }

    /** @return list<string> the last calls, without what they were called with */
    private static function trace(\Throwable $error): array
    {
        return array_map(static fn (array $call): string => ($call['class'] ?? '').($call['type'] ?? '').$call['function'].':'.($call['line'] ?? 0), array_slice($error->getTrace(), 0, 12));
    }
}
