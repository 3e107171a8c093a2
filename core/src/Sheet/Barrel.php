<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;

/** The barrel: its lining, the depths below its top face at which the bore is read, and how the gasket under it is dressed. */
final readonly class Barrel
{
    public const KEYS = ['lining', 'height', 'gauge_depths', 'one_block', 'joining', 'hone_with', 'hone_budget', 'wall_limit', 'cleanup'];

    /**
     * @param  list<Length>  $gaugeDepths
     * @param  list<string>  $honeWith  tools the maker allows
     */
    private function __construct(
        public Lining $lining,
        public ?Length $height,
        public array $gaugeDepths,
        public bool $oneBlock,
        public Joining $joining,
        public array $honeWith,
        public ?Length $honeBudget,
        public ?Length $wallLimit,
        public ?Length $cleanup,
    ) {
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->choice('lining', Lining::class),
            $fields->sizeOrNull('height'),
            $fields->has('gauge_depths') ? array_map(
                static fn (Fields $item): Length => $item->size($item->keys()[0]),
                $fields->items('gauge_depths'),
            ) : [],
            $fields->flag('one_block'),
            $fields->choiceOrNull('joining', Joining::class) ?? Joining::Lowered,
            $fields->texts('hone_with'),
            $fields->lengthOrNull('hone_budget'),
            $fields->sizeOrNull('wall_limit'),
            $fields->lengthOrNull('cleanup'),
        );
    }
}
