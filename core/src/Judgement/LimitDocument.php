<?php

namespace Moltrek\Core\Judgement;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\OutOfDomain;

/** A limit as it is written in a document: a range, or a nominal figure with plus and minus, and service limits. */
final class LimitDocument
{
    public const KEYS = ['min', 'max', 'nominal', 'plus', 'minus', 'service_min', 'service_max', 'source', 'service_source'];

    /**
     * @param  bool  $signed  whether the ends may be negative, as in an interference fit; plus and minus never may
     */
    public static function read(Fields $fields, string $key, Dimension $dimension = Dimension::Length, bool $signed = false): ?Limit
    {
        $limit = $fields->objectOrNull($key, ...self::KEYS);

        return $limit === null ? null : self::limit($limit, $dimension, $signed);
    }

    /** The limit that a document states among other keys, all of it from the one source. */
    public static function stated(Fields $document, Dimension $dimension, string $source, bool $signed = false): Limit
    {
        return self::limit($document, $dimension, $signed)->from($source);
    }

    private static function limit(Fields $limit, Dimension $dimension, bool $signed): Limit
    {
        $end = [];
        foreach (['min', 'max', 'nominal', 'plus', 'minus', 'service_min', 'service_max'] as $name) {
            $end[$name] = $limit->has($name) ? $limit->quantity($name, $dimension)->base() : null;
            $mayBeNegative = $signed && $name !== 'plus' && $name !== 'minus';
            if ($end[$name] !== null && $end[$name] < 0 && ! $mayBeNegative) {
                throw $limit->placed(OutOfDomain::negative($limit->text($name)), $name);
            }
        }
        $names = self::resolveNominal($limit, $end);
        $source = $limit->textOrNull('source');
        $serviceSource = $limit->textOrNull('service_source');
        if ($end['nominal'] !== null && $names === []) {
            return Limit::undecided($dimension);
        }

        return $limit->placing(static fn (): Limit => Limit::between(
            $dimension,
            $end['min'],
            $end['max'],
            $end['service_min'],
            $end['service_max'],
            $source,
            $serviceSource,
            $names,
        ));
    }

    /**
     * A nominal figure with a tolerance becomes a range.
     *
     * @param  array<string, int|float|null>  $end
     * @return array{min?: string, max?: string} what the ends were called where they were typed
     */
    private static function resolveNominal(Fields $limit, array &$end): array
    {
        $toleranced = $end['plus'] !== null || $end['minus'] !== null;
        if ($end['nominal'] === null) {
            if ($toleranced) {
                $alone = $end['plus'] !== null ? 'plus' : 'minus';
                throw $limit->placed(ContradictoryFields::excluded(
                    $alone,
                    $limit->raw($alone),
                    'A tolerance needs its nominal figure.',
                    'nominal beside it',
                ));
            }

            return [];
        }
        if ($end['min'] !== null || $end['max'] !== null) {
            throw $limit->placed(ContradictoryFields::excluded(
                'nominal',
                $limit->raw('nominal'),
                'A nominal figure and a range cannot stand together.',
                'either min and max, or nominal with plus and minus',
            ));
        }
        if (! $toleranced) {
            return [];
        }
        $end['min'] = $end['nominal'] - ($end['minus'] ?? 0);
        $end['max'] = $end['nominal'] + ($end['plus'] ?? 0);

        return ['min' => 'nominal', 'max' => 'nominal'];
    }
}
