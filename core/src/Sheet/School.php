<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\MalformedDocument;

/** A matter on which good mechanics differ, and what each school says of itself. */
final readonly class School
{
    /** What is asked of every joint that is pulled. */
    public const AIM = 'torque_aim';

    public const STAGES = 'torque_stages';

    public const PAUSE = 'torque_pause';

    /** @param  array<string, array{for: string, against: string}>  $options  by name, the shop's default first */
    private function __construct(public string $matter, public string $question, public array $options)
    {
    }

    /** What a step says of it: "Base gasket: grease." A method that is called none says what it does without. */
    public function said(string $option): string
    {
        $done = $this->matter === 'cover_screws' ? ['none' => 'without threadlocker', 'threadlocker' => 'with threadlocker'] : [];

        return $this->question.': '.($done[$option] ?? $option).'.';
    }

    /**
     * The matters; a step says of itself by which of them it is done.
     *
     * @return array<string, self> by matter
     */
    public static function all(): array
    {
        $schools = [
            new self('worked', 'The engine is worked on', [
                Worked::Bench->value => [
                    'for' => 'All sides can be reached and turned over.',
                    'against' => 'It has to come out, and go in again.',
                ],
                Worked::Frame->value => [
                    'for' => 'No engine to lift; an hour saved each way.',
                    'against' => 'What lies behind the barrel cannot be reached once it is down.',
                ],
            ]),
            new self('bore_assembly', 'Bore and rings at assembly', [
                'light film of running oil' => [
                    'for' => 'Rings seat on the first heat.',
                    'against' => 'Little protects a start that comes late.',
                ],
                'plain mineral oil, generous' => [
                    'for' => 'Forgives a slow first start.',
                    'against' => 'Smokes, and may glaze a fine finish.',
                ],
                'assembly lube' => ['for' => 'Stays where it is put.', 'against' => 'Keeps rings from seating if it reaches the wall.'],
                'dry' => ['for' => 'Seats fastest.', 'against' => 'No help in the first turns; two-strokes never.'],
            ]),
            new self('wash', 'Wash after honing', [
                'soap and water' => [
                    'for' => 'Lifts the grit out of the scratches.',
                    'against' => 'Rusts iron in minutes: dry and oil at once.',
                ],
                'solvent, then oil-wipe' => ['for' => 'No rust.', 'against' => 'Leaves grit behind; wipe until the cloth stays white.'],
            ]),
            new self('deglaze', 'Deglazing a good bore', [
                'abrasive pad' => ['for' => 'Safe at ports and on plating.', 'against' => 'Slow, and the angle is by hand.'],
                'brush hone' => ['for' => 'An even cross-hatch.', 'against' => 'Needs speed and strokes together.'],
                'ball hone' => ['for' => 'Quick, and follows the bore as it is: it sizes nothing.',
                    'against' => 'Catches port edges: not across bridged ports unless the sheet allows.'],
            ]),
            new self('skirt', 'Piston skirt', [
                'left as made' => ['for' => 'The maker’s coating stays.', 'against' => 'A polished skirt carries less oil.'],
                'lightly cross-scratched' => ['for' => 'Holds oil in the first hours.', 'against' => 'Never on a coating.'],
            ]),
            new self('circlip_gap', 'Circlip gap', [
                'down' => ['for' => 'At the top, where it is greatest, inertia presses the closed side into its groove.',
                    'against' => 'Out of sight once fitted.'],
                'up' => ['for' => 'Seen from above.', 'against' => 'At the top, where it is greatest, inertia works on the open ends.'],
                'opposite the notch' => ['for' => 'The notch cannot catch an end.', 'against' => 'Harder to get out again.'],
                'at the notch' => ['for' => 'Easy to get out.', 'against' => 'An end can walk into the notch.'],
            ]),
            new self('ring_ends', 'Ring ends filed', [
                'one end' => ['for' => 'One face stays as made, to square the other by.', 'against' => 'All of it comes off one side.'],
                'both' => ['for' => 'Even.', 'against' => 'Two chances to lose square.'],
            ]),
            new self('base_gasket', 'Base gasket', [
                'bare' => ['for' => 'Comes off clean.', 'against' => 'Needs faces without a mark.'],
                'grease' => ['for' => 'Holds it while the barrel comes down; comes off clean.', 'against' => 'Fills nothing.'],
                'thin sealant' => ['for' => 'Fills old marks.', 'against' => 'Thick, it changes the deck and closes ways.'],
                'copper spray' => ['for' => 'Fills fine marks and carries heat.', 'against' => 'Needs its time to dry.'],
            ]),
            new self('cover_gasket', 'Cover gasket', [
                'bare' => ['for' => 'Comes off clean.', 'against' => 'Slips while the cover goes on.'],
                'greased' => ['for' => 'Stays in its groove.', 'against' => 'Attracts grit.'],
                'dabs' => ['for' => 'Stays where it is, sealed at the corners.', 'against' => 'Dabs too thick hold it open.'],
            ]),
            new self('o_ring_face', 'O-ring face', [
                'greased' => ['for' => 'Seats without a twist.', 'against' => 'The wrong grease swells it.'],
                'dry' => ['for' => 'Nothing to squeeze out.', 'against' => 'May roll in its groove.'],
            ]),
            new self('head_bolts', 'Head bolts', [
                'thread and face as the maker states' => ['for' => 'The figure was found that way.', 'against' => 'Only if he states it.'],
                'always oiled' => ['for' => 'Even friction.', 'against' => 'Pulls harder at one figure: too much where dry was meant.'],
                'always clean and dry' => [
                    'for' => 'Nothing under the bolt to lock it.',
                    'against' => 'Friction scatters, preload with it.',
                ],
            ]),
            new self('cover_screws', 'Small cover screws', [
                'none' => ['for' => 'They come out again.', 'against' => 'Vibration works at them.'],
                'threadlocker' => ['for' => 'They stay.', 'against' => 'A small screw shears sooner than it turns.'],
            ]),
            new self(self::AIM, 'Aim in a torque range', [
                'middle' => ['for' => 'Room for the wrench’s own error both ways.', 'against' => 'Says nothing of how the thread runs.'],
                'low' => ['for' => 'Kind to threads in light alloy.', 'against' => 'A wrench that reads high falls short.'],
                'high' => ['for' => 'Holds where things shake.', 'against' => 'A wrench that reads low goes past it.'],
            ]),
            new self(self::STAGES, 'One final figure given', [
                'thirds' => ['for' => 'The part comes down level.', 'against' => 'One more time round.'],
                'half-three-quarters-full' => ['for' => 'Small last steps on a thick gasket.', 'against' => 'A large first one.'],
                'half-full' => ['for' => 'Quick, for small stiff parts.', 'against' => 'A long head may still tip.'],
            ]),
            new self(self::PAUSE, 'After a pause a stage is gone round again', [
                'from 30 min' => ['for' => 'A gasket has settled by then, and nobody is sure of the last bolt.',
                    'against' => 'Pulls twice.'],
                'from 10 min' => ['for' => 'Nothing rests on memory.', 'against' => 'Every telephone call costs a round.'],
                'never' => ['for' => 'The record knows the bolt.', 'against' => 'A gasket creeps while one is away.'],
            ]),
            new self('tensioner', 'Chain tensioner', [
                'automatic' => ['for' => 'Looks after itself.', 'against' => 'A tired one lets go without a word.'],
                'manual' => ['for' => 'Set once, seen.', 'against' => 'Wants setting again after a heat.'],
            ]),
            new self('squish_with', 'Squish measured with', [
                'wire' => ['for' => 'Measures right at the edge.', 'against' => 'The piston rocks: two at once, over the pin.'],
                'clay' => ['for' => 'Shows the whole band.', 'against' => 'Springs back a little.'],
            ]),
            new self('running_in', 'Running in', [
                'by plan' => ['for' => 'Heat cycles and hours that somebody has thought through.', 'against' => 'Takes a day.'],
                'straight to work' => ['for' => 'Rings seat under load.', 'against' => 'Nothing in hand for a tight fit.'],
            ]),
        ];

        return array_column($schools, null, 'matter');
    }

    /**
     * Schools by matter, as a sheet or a shop has them.
     *
     * @return array<string, string>
     *
     * @throws MalformedDocument for a matter or a school that nobody keeps
     */
    public static function read(Fields $named): array
    {
        $schools = [];
        foreach ($named->keys() as $matter) {
            $options = (self::all()[$matter] ?? throw $named->placed(
                MalformedDocument::wrongSort($matter, 'one of '.implode(', ', array_keys(self::all()))),
                $matter,
            ))->options;
            $schools[$matter] = $named->text($matter, 80);
            if (! isset($options[$schools[$matter]])) {
                throw $named->placed(
                    MalformedDocument::wrongSort($schools[$matter], 'one of '.implode(', ', array_keys($options))),
                    $matter,
                );
            }
        }

        return $schools;
    }

    /** Whether it is asked of every joint that is pulled. */
    public static function isOfPulls(string $matter): bool
    {
        return in_array($matter, [self::AIM, self::STAGES, self::PAUSE], true);
    }

    public function default(): string
    {
        return (string) array_key_first($this->options);
    }
}
