<?php

arch('the core imports nothing of the framework')
    ->expect('Moltrek\Core')
    ->not->toUse(['Illuminate', 'App', 'Carbon', 'Symfony', 'Ramsey']);

arch('the core reads no clock, no chance and no file')
    ->expect('Moltrek\Core')
    ->not->toUse(['time', 'microtime', 'date', 'hrtime', 'rand', 'mt_rand', 'random_int', 'file_get_contents', 'file_put_contents', 'fopen', 'getenv', 'env', 'config', 'app', 'now']);

arch('no debugging is left behind')->expect(['dd', 'dump', 'var_dump', 'ray'])->not->toBeUsed();
