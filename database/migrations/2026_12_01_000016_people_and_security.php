<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /**
     * When somebody's sessions have ended is counted, not timed; a second factor; vouchers that were used; tries of a PIN, counted
     * where all servers see them; and the log of security, which is only added to.
     */
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->unsignedInteger('session_epoch')->default(0)->comment('sessions of another number are over');
            $table->text('totp_secret')->nullable()->comment('locked with the shop\'s key');
            $table->timestampTz('totp_since')->nullable()->comment('confirmed by a first code; asked for from then on');
            $table->bigInteger('totp_step')->nullable()->comment('the last code that was taken: no code is taken twice');
            $table->json('recovery_hashes')->default('[]');
        });
        Schema::create('spent_vouchers', function (Blueprint $table): void {
            $table->char('nonce', 32)->primary();
            $table->timestampTz('spent_at');
        });
        Schema::create('pin_tries', function (Blueprint $table): void {
            $table->id();
            $table->string('of')->comment('a tablet, or a person');
            $table->timestampTz('at');
            $table->index(['of', 'at']);
        });
        Schema::create('security_log', function (Blueprint $table): void {
            $table->id();
            $table->timestampTz('at', 6);
            $table->string('what');
            $table->string('who', 120)->nullable()->comment('whose doing it was, where that is known');
            $table->string('about', 200)->default('');
            $table->string('origin', 120)->comment('an address, a tablet, the command line');
            $table->index('at');
        });
        Schema::create('cache', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->mediumText('value');
            $table->integer('expiration');
        });
        Schema::create('cache_locks', function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->string('owner');
            $table->integer('expiration');
        });
        DB::unprepared(<<<'SQL'
            ALTER TABLE cache SET UNLOGGED; ALTER TABLE cache_locks SET UNLOGGED; ALTER TABLE pin_tries SET UNLOGGED;
            GRANT SELECT, INSERT, UPDATE, DELETE ON cache, cache_locks TO moltrek_app;
            GRANT SELECT, INSERT, DELETE ON pin_tries TO moltrek_app;
            GRANT SELECT, INSERT ON spent_vouchers, security_log TO moltrek_app;
            GRANT USAGE, SELECT ON ALL SEQUENCES IN SCHEMA public TO moltrek_app;
            CREATE TRIGGER security_log_keep BEFORE UPDATE OR DELETE ON security_log FOR EACH ROW EXECUTE FUNCTION refuse_change();
            CREATE TRIGGER spent_vouchers_keep BEFORE UPDATE OR DELETE ON spent_vouchers FOR EACH ROW EXECUTE FUNCTION refuse_change();

            -- whoever holds lines open asks again whose they are
            CREATE OR REPLACE FUNCTION tell_of_sessions() RETURNS trigger LANGUAGE plpgsql AS $$
            BEGIN
                PERFORM pg_notify('moltrek_sessions', '');
                RETURN NULL;
            END $$;
            CREATE TRIGGER users_tell AFTER UPDATE OF session_epoch, disabled_at ON users FOR EACH STATEMENT EXECUTE FUNCTION tell_of_sessions();
            CREATE TRIGGER devices_tell AFTER UPDATE OF revoked_at ON devices FOR EACH STATEMENT EXECUTE FUNCTION tell_of_sessions();
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('DROP TRIGGER IF EXISTS users_tell ON users; DROP TRIGGER IF EXISTS devices_tell ON devices; DROP FUNCTION IF EXISTS tell_of_sessions()');
        foreach (['spent_vouchers', 'pin_tries', 'security_log', 'cache', 'cache_locks'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('users', static fn (Blueprint $table) => $table->dropColumn(['session_epoch', 'totp_secret', 'totp_since', 'totp_step', 'recovery_hashes']));
    }
};
