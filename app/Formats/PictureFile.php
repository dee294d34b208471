<?php

declare(strict_types=1);

namespace App\Formats;

use GdImage;
use Illuminate\Http\UploadedFile;
use Intervention\Image\Collection;
use Intervention\Image\Exceptions\DecoderException;
use Intervention\Image\Exceptions\RuntimeException;
use Intervention\Image\ImageManager;
use Intervention\Image\Interfaces\ImageInterface;
use LogicException;
use Orbek\Core\Glass\Pixels;
use Orbek\Core\Measure\Refused;

/** A picture from a phone or a file, made small, upright and bare of all that a camera writes beside it. */
final readonly class PictureFile
{
    private const LONGEST_SIDE = 1280;

    /** It is read by pixels at this size. */
    private const READ_SIDE = 640;

    private const QUALITY = 78;

    private const MOST_BYTES = 30 * 1024 * 1024;

    /** More pixels than these do not fit the memory a request has. */
    private const MOST_PIXELS = 50_000_000;

    /** Larger than this it is made small by rough steps first. */
    private const LARGE_PIXELS = 8_000_000;

    /** What a camera writes beside a picture stands within so much. */
    private const HEAD_BYTES = 262_144;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /** A touch takes in so much of the shorter side to each side of it. */
    private const TOUCH = 0.02;

    private function __construct(public string $jpeg, public int $width, public int $height)
    {
    }

    /** @throws Refused when it is no picture, or too large a one */
    public static function uploaded(mixed $file): self
    {
        if (! $file instanceof UploadedFile) {
            throw Refused::because('picture', 'refused.give-a-photograph');
        }
        if (
            in_array($file->getError(), [UPLOAD_ERR_INI_SIZE, UPLOAD_ERR_FORM_SIZE], true)
                || $file->getSize() > self::MOST_BYTES
        ) {
            throw Refused::because(
                'picture', 'refused.photograph-is-too-large', megabytes: intdiv(self::MOST_BYTES, 1024 * 1024),
            );
        }
        if (! $file->isValid()) {
            throw Refused::because('picture', 'refused.photograph-did-not-arrive');
        }

        return self::of((string) file_get_contents($file->getPathname()));
    }

    /** @throws Refused */
    public static function of(string $bytes): self
    {
        $said = @getimagesizefromstring($bytes);
        if ($said === false || ! in_array($said[2], self::KINDS, true)) {
            throw Refused::because('picture', 'refused.is-no-picture');
        }
        if ($said[0] * $said[1] > self::MOST_PIXELS) {
            throw Refused::because(
                'picture', 'refused.photograph-has-too-many-pixels', megapixels: intdiv(self::MOST_PIXELS, 1_000_000),
            );
        }
        try {
            $image = self::read($bytes, $said[0], $said[1])
                ->scaleDown(self::LONGEST_SIDE, self::LONGEST_SIDE)->orient();
        } catch (RuntimeException) {
            throw Refused::because('picture', 'refused.is-no-picture');
        }

        return new self(
            (string) $image->toJpeg(self::QUALITY, progressive: true, strip: true), $image->width(), $image->height(),
        );
    }

    /** Not turned yet: what is large is first made small by rough steps, and turned once it is. */
    private static function read(string $bytes, int $width, int $height): ImageInterface
    {
        $images = ImageManager::gd(autoOrientation: false);
        if ($width * $height <= self::LARGE_PIXELS) {
            return $images->read($bytes);
        }
        $large = @imagecreatefromstring($bytes);
        $by = 2 * self::LONGEST_SIDE / max($width, $height);
        $small = $large === false ? false : imagescale(
            $large, max(1, (int) round($by * $width)), max(1, (int) round($by * $height)), IMG_BILINEAR_FIXED,
        );
        unset($large);
        if ($small === false) {
            throw new DecoderException('It cannot be read.');
        }
        $stream = fopen('php://temp', 'w+b');
        if ($stream !== false) {
            fwrite($stream, substr($bytes, 0, self::HEAD_BYTES));
            rewind($stream);
        }
        $exif = $stream === false ? false : @exif_read_data($stream, 'IFD0', true);

        return $images->read($small)->setExif(new Collection(is_array($exif) ? $exif : []));
    }

    /**
     * Of one that was kept here its width and height: a JPEG no larger than ours are, and whole; null of any other.
     *
     * @return array{int, int}|null
     */
    public static function ours(string $jpeg): ?array
    {
        $said = @getimagesizefromstring($jpeg);
        if ($said === false || $said[2] !== IMAGETYPE_JPEG || max($said[0], $said[1]) > self::LONGEST_SIDE) {
            return null;
        }

        return @imagecreatefromstring($jpeg) === false ? null : [$said[0], $said[1]];
    }

    /**
     * The colour where it is touched: the middle of each channel round there, so that a glint or a char does not count.
     *
     * @param  float  $across 0 … 1 from the left
     * @param  float  $down 0 … 1 from the top
     * @return array{r: float, g: float, b: float} sRGB, 0 … 255
     */
    public static function colourAt(string $jpeg, float $across, float $down): array
    {
        $image = imagecreatefromstring($jpeg);
        if (! $image instanceof GdImage) {
            throw new LogicException('A kept photograph cannot be read.');
        }
        [$width, $height] = [imagesx($image), imagesy($image)];
        $reach = max(2, (int) round(self::TOUCH * min($width, $height)));
        [$x, $y] = [(int) round($across * ($width - 1)), (int) round($down * ($height - 1))];
        $seen = ['r' => [], 'g' => [], 'b' => []];
        for ($i = max(0, $x - $reach); $i <= min($width - 1, $x + $reach); $i++) {
            for ($j = max(0, $y - $reach); $j <= min($height - 1, $y + $reach); $j++) {
                $rgb = (int) imagecolorat($image, $i, $j);
                $seen['r'][] = $rgb >> 16 & 255;
                $seen['g'][] = $rgb >> 8 & 255;
                $seen['b'][] = $rgb & 255;
            }
        }

        return ['r' => self::middle($seen['r']), 'g' => self::middle($seen['g']), 'b' => self::middle($seen['b'])];
    }

    /** What a picture shows, small, to be read by pixels. */
    public static function pixels(string $jpeg): Pixels
    {
        $image = imagecreatefromstring($jpeg);
        $by = $image === false ? 1.0 : min(1.0, self::READ_SIDE / max(imagesx($image), imagesy($image)));
        if ($image !== false && $by < 1) {
            $image = imagescale(
                $image, max(1, (int) round($by * imagesx($image))), max(1, (int) round($by * imagesy($image))),
                IMG_BILINEAR_FIXED,
            );
        }
        if ($image === false) {
            throw Refused::because('picture', 'refused.is-no-picture');
        }
        [$width, $height] = [imagesx($image), imagesy($image)];
        // A bitmap stands on its head, blue before red: read from its end, a flipped one is upright, red before blue.
        imageflip($image, IMG_FLIP_HORIZONTAL);
        ob_start();
        imagebmp($image, null, false);
        $bitmap = (string) ob_get_clean();
        $row = 4 * intdiv(3 * $width + 3, 4);
        $rgb = '';
        for ($y = $height - 1; $y >= 0; $y--) {
            $rgb .= strrev(substr($bitmap, strlen($bitmap) - ($height - $y) * $row, 3 * $width));
        }

        return Pixels::of($width, $height, $rgb);
    }

    /** @param  list<int>  $values */
    private static function middle(array $values): float
    {
        sort($values);

        return (float) ($values[intdiv(count($values), 2)] ?? 0);
    }
}
