<?php

namespace App\Policies;

use Illuminate\Support\Facades\Log;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/** How hard a password is to guess, as an estimator of its own process says that knows words, keys, dates and repeats. */
final readonly class PasswordStrength
{
    /** A hundred million guesses: slowed down as sign-in is, nobody makes them. */
    private const ENOUGH = 8.0;

    private const PATIENCE = 10;

    private function __construct(public float $guesses, public string $weak)
    {
    }

    /**
     * @param  list<string>  $about  words that everybody here knows
     * @return self|null null where the estimator does not answer
     */
    public static function of(string $password, array $about): ?self
    {
        $process = new Process([config()->string('app.node'), base_path('bin/strength.mjs')], base_path(), timeout: self::PATIENCE);
        $process->setInput((string) json_encode(['password' => $password, 'about' => $about], JSON_INVALID_UTF8_SUBSTITUTE));
        try {
            $said = $process->mustRun()->getOutput();
        } catch (ExceptionInterface $failed) {
            // nothing that was typed is in what is written down
            Log::warning('The estimator of passwords does not answer.', ['thrown' => $failed::class]);

            return null;
        }
        $answer = json_decode($said, true);

        return is_array($answer) && is_numeric($answer['guesses'] ?? null) ? new self((float) $answer['guesses'], is_string($answer['weak'] ?? null) ? $answer['weak'] : '') : null;
    }

    public function isEnough(): bool
    {
        return $this->guesses >= self::ENOUGH;
    }
}
