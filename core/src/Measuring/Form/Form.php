<?php

namespace Moltrek\Core\Measuring\Form;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Measuring\Leaf;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\Refusal;

/** What was read in one form: how it is read from a document, what it says, what it may stand for, how it is written out. */
interface Form
{
    /**
     * @param  Fields  $payload  what holds the key "reading"
     * @param  list<Leaf>  $shelf  the leaves of the set it was read with
     *
     * @throws Refusal
     */
    public static function read(Fields $payload, Spot $spot, array $shelf): self;

    /**
     * The reading as a document has it, from the cells of one line of a file.
     *
     * @param  array<string, string>  $cells  by column, empty where nothing was written
     */
    public static function ofCells(array $cells): mixed;

    /** @return list<string> the columns of a file in which it is written, besides "reading" */
    public static function columns(): array;

    /** As it was typed: "0.20 mm passes, 0.25 mm refuses". */
    public function text(): string;

    /** Large enough for two metres: the size, the leaves, the answer. */
    public function shown(): string;

    /** What it may stand for, by itself, with the doubt of the tool in base steps; null for a part of something else and for an answer. */
    public function interval(int|float $doubt): ?Interval;

    /** The size read: a diameter, a length, the lower bound that leaves give. Nothing for what is no length. */
    public function size(): ?Length;

    /** The figure read, where there is one. */
    public function figure(): ?Figure;
}
