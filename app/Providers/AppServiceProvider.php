<?php

namespace App\Providers;

use App\Http\Middleware\SessionStands;
use App\Models\User;
use App\Policies\Right;
use App\Upkeep\Seal;
use App\Upkeep\SecurityEvent;
use App\Upkeep\SecurityLog;
use App\Upkeep\SessionFiles;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Auth\Access\Response;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Events\MigrationsEnded;
use Illuminate\Database\Events\MigrationsStarted;
use Illuminate\Database\Events\TransactionCommitting;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        self::setClock();
        Session::extend('file', static fn (): SessionFiles => new SessionFiles(new Filesystem, config()->string('session.files'), config()->integer('session.lifetime')));
        self::sealWhatIsCommitted();
        foreach (Right::cases() as $right) {
            Gate::define($right->value, static fn (User $user): Response => match (true) {
                ! $right->isOf($user->role) => Response::deny($right->refusal()),
                $right->wantsPassword() && SessionStands::isByPin(request()) => Response::deny('You took the bench over by your PIN. Sign in with your password for this.'),
                default => Response::allow(),
            });
        }
        Gate::after(static function (User $user, string $ability, Response|bool|null $result): void {
            if ($result === false || ($result instanceof Response && $result->denied())) {
                SecurityLog::note(SecurityEvent::NotAllowed, $user, $ability);
            }
        });
        RateLimiter::for('sign-in', static function (Request $request): array {
            $name = $request->input('username');

            return [
                Limit::perMinute(8)->by(mb_strtolower(is_string($name) ? $name : '').'|'.$request->ip()),
                Limit::perMinute(40)->by((string) $request->ip()),
            ];
        });
        RateLimiter::for('codes', static fn (Request $request): Limit => Limit::perMinute(20)->by('codes|'.$request->ip()));
        RateLimiter::for('passwords', static fn (Request $request): Limit => Limit::perMinute(10)->by('passwords|'.self::whose($request)));
        RateLimiter::for('calculations', static fn (Request $request): Limit => Limit::perMinute(600)->by('calculations|'.self::whose($request)));
        RateLimiter::for('photographs', static fn (Request $request): Limit => Limit::perMinute(60)->by('photographs|'.self::whose($request)));
    }

    /** Every transaction that adds to the shop seals what it added; while the tables are being changed there may be nothing to seal. */
    private static function sealWhatIsCommitted(): void
    {
        $isOn = true;
        Event::listen(MigrationsStarted::class, static function () use (&$isOn): void {
            $isOn = false;
        });
        Event::listen(MigrationsEnded::class, static function () use (&$isOn): void {
            $isOn = true;
        });
        Event::listen(TransactionCommitting::class, static function (TransactionCommitting $event) use (&$isOn): void {
            if ($isOn && $event->connectionName === 'pgsql') {
                Seal::close();
            }
        });
    }

    private static function whose(Request $request): string
    {
        $user = $request->user();

        return $user instanceof User ? (string) $user->id : (string) $request->ip();
    }

    /** For a walked story: the clock begins at a given moment when the server starts, and runs on from there. */
    private static function setClock(): void
    {
        $ahead = config('app.clock_ahead');
        if (is_numeric($ahead) && (int) $ahead !== 0) {
            $shifted = static fn (CarbonInterface $real): CarbonInterface => $real->addSeconds((int) $ahead);
            Carbon::setTestNow($shifted);
            CarbonImmutable::setTestNow($shifted);
        }
    }
}
