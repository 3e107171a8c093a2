<?php

namespace App\Http;

use App\Calculations\JsonText;
use Illuminate\Http\Request;
use JsonException;
use Moltrek\Core\Document\Fields;
use stdClass;

/** The body of a request as JSON in which objects stay objects. */
final class SentDocument
{
    public static function raw(Request $request): stdClass
    {
        $text = (string) $request->getContent();
        try {
            $document = JsonText::decode($text);
        } catch (JsonException) {
            $document = null;
        }

        return $document instanceof stdClass ? $document : throw JsonText::unreadable($text);
    }

    public static function of(Request $request, string ...$known): Fields
    {
        return Fields::of(self::raw($request), ...$known);
    }
}
