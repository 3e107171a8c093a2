<?php

namespace App\Http\Controllers;

use App\Upkeep\Photographs;
use GdImage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Moltrek\Core\Refusal\MalformedDocument;
use OpenApi\Attributes as OA;
use Ramsey\Uuid\Uuid;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Photographs of the bench: drawn anew, so that nothing but the picture is kept, no place and no camera. */
final class PhotoController
{
    private const LARGEST = 16 * 1024 * 1024;

    private const WIDEST = 1600;

    private const QUALITY = 82;

    /** Higher than this for its width the picture cannot be brought to a size that the library takes. */
    private const HIGHEST = 16_000;

    private const MOST_PIXELS = 40_000_000;

    #[OA\Post(path: '/api/photos', summary: 'Keep a photograph; a note then names it', tags: ['photos'],
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(properties: [new OA\Property(property: 'id', description: 'the id that it is to have', type: 'string', format: 'uuid'), new OA\Property(property: 'photo', type: 'string', format: 'binary')], type: 'object'))),
        responses: [new OA\Response(response: 200, description: 'Its id', content: new OA\JsonContent(required: ['id', 'hash'], properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'hash', description: 'of what is kept, SHA-256: until it is told the sender keeps its own copy', type: 'string')]))])]
    public function store(Request $request): JsonResponse
    {
        $file = $request->file('photo');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw MalformedDocument::missing('photo', 'a photograph as JPEG, PNG or WebP');
        }
        if ($file->getSize() > self::LARGEST) {
            throw MalformedDocument::wrongSort((string) $file->getSize(), 'a photograph of at most 16 MB')->under('photo');
        }
        $image = self::opened($file);
        if (imagesx($image) > self::WIDEST) {
            $image = imagescale($image, self::WIDEST) ?: $image;
        }
        $id = self::wanted($request->input('id')) ?? Uuid::uuid7()->toString();
        $photographs = Photographs::here();

        return new JsonResponse(['id' => $id, 'hash' => $photographs->hashOf($id) ?? $photographs->keep($id, self::jpeg($image))]);
    }

    private static function jpeg(GdImage $image): string
    {
        ob_start();
        imagejpeg($image, null, self::QUALITY);

        return (string) ob_get_clean();
    }

    /** The id that the sender gave it, by which an entry names it; sent again, it is there already. */
    private static function wanted(mixed $id): ?string
    {
        if ($id === null) {
            return null;
        }

        return is_string($id) && Uuid::isValid($id) && $id === mb_strtolower($id) ? $id : throw MalformedDocument::wrongSort($id, 'a UUID in lower case')->under('id');
    }

    /** The picture, the right way up. How large it is is read before it is unpacked. */
    private static function opened(UploadedFile $file): GdImage
    {
        $unreadable = MalformedDocument::wrongSort($file->getClientOriginalName(), 'a photograph as JPEG, PNG or WebP')->under('photo');
        $size = @getimagesize($file->getPathname()) ?: throw $unreadable;
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw MalformedDocument::wrongSort($size[0].' × '.$size[1].' pixels', 'a photograph of at most 40 million pixels')->under('photo');
        }
        if (max($size[0], $size[1]) > self::HIGHEST) {
            throw MalformedDocument::wrongSort($size[0].' × '.$size[1].' pixels', sprintf('a photograph of at most %d pixels a side', self::HIGHEST))->under('photo');
        }
        $image = in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true) ? @imagecreatefromstring((string) $file->getContent()) : false;
        if (! $image instanceof GdImage) {
            throw $unreadable;
        }
        $exif = $size[2] === IMAGETYPE_JPEG ? @exif_read_data($file->getPathname()) : false;
        $turned = match (is_array($exif) ? $exif['Orientation'] ?? 1 : 1) {
            3 => imagerotate($image, 180, 0),
            6 => imagerotate($image, -90, 0),
            8 => imagerotate($image, 90, 0),
            default => $image,
        };

        return $turned instanceof GdImage ? $turned : $image;
    }

    #[OA\Get(path: '/api/photos/{id}', summary: 'A photograph', tags: ['photos'],
        parameters: [new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string'))],
        responses: [new OA\Response(response: 200, description: 'JPEG', content: new OA\MediaType(mediaType: 'image/jpeg'))])]
    public function show(string $id): BinaryFileResponse
    {
        $path = Photographs::here()->path($id);

        return is_file($path) ? new BinaryFileResponse($path, headers: ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'no-store']) : abort(404);
    }
}
