<?php

namespace Database\Seeders;

/** The demo people's passwords: made at the first start, kept under var/, never in the project's own files. */
final class DemoSignIns
{
    private const PEOPLE = ['isla', 'tomas', 'petra'];

    private const WORDS = ['gasket', 'dowel', 'piston', 'barrel', 'lifter', 'rocker', 'circlip', 'feeler', 'plunger', 'spigot', 'shackle', 'bollard', 'harbour', 'ferry', 'slipway', 'lantern'];

    /** @return array<string, string> */
    public static function all(): array
    {
        $file = base_path('var/demo-sign-ins.json');
        $kept = is_file($file) ? json_decode((string) file_get_contents($file), true) : null;
        if (is_array($kept) && array_keys($kept) === self::PEOPLE) {
            return array_combine(self::PEOPLE, array_map(static fn (mixed $password): string => is_string($password) ? $password : '', array_values($kept)));
        }
        $made = [];
        foreach (self::PEOPLE as $person) {
            $made[$person] = self::WORDS[random_int(0, 15)].'-'.self::WORDS[random_int(0, 15)].'-'.random_int(1000, 9999);
        }
        file_put_contents($file, json_encode($made, JSON_PRETTY_PRINT)."\n");
        chmod($file, 0600);

        return $made;
    }
}
