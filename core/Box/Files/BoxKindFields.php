<?php

declare(strict_types=1);

namespace PluckyWren\Core\Box\Files;

use PluckyWren\Core\Box\BoxKind;
use PluckyWren\Core\Box\BoxKinds;
use PluckyWren\Core\Fit\Files\Fields;
use PluckyWren\Core\Fit\Files\MalformedFile;
use PluckyWren\Core\Measure\InvalidLength;
use PluckyWren\Core\Measure\Length;
use PluckyWren\Core\Measure\Size;

/** The box of the box file: one of those that are known, or the inside of one's own in millimetres. */
final readonly class BoxKindFields
{
    public function __construct(private BoxKinds $boxKinds) {}

    /** @throws MalformedFile */
    public function read(Fields $box): BoxKind
    {
        $kind = $box->text('kind');
        if ($kind !== BoxKind::OWN) {
            $box->nothingElse();

            return $this->boxKinds->has($kind)
                ? $this->boxKinds->get($kind)
                : $box->refuse('kind', 'must be own, or one of '.implode(', ', array_keys($this->boxKinds->all())));
        }
        $size = new Size($box->tenths('length'), $box->tenths('width'), $box->tenths('height'));
        $own = BoxKind::measured(
            $size,
            $box->has('floorLength') ? $box->tenths('floorLength') : $size->length,
            $box->has('floorWidth') ? $box->tenths('floorWidth') : $size->width,
        );
        foreach (
            [
                'length' => $size->length,
                'width' => $size->width,
                'height' => $size->height,
                'floorLength' => $own->inside->floorLength,
                'floorWidth' => $own->inside->floorWidth,
            ] as $side => $tenths
        ) {
            BoxKind::isSide($tenths)
                || $box->refuse(
                    $side,
                    'is no side of a gift box: from '.(BoxKind::LEAST_SIDE_TENTHS / 10).' to '.(
                        BoxKind::MOST_SIDE_TENTHS / 10
                    ).' mm',
                );
        }
        $box->nothingElse();

        return $own;
    }

    /**
     * @return array<string, string|int|float>
     *
     * @throws InvalidLength
     */
    public static function write(BoxKind $kind): array
    {
        $mm = static fn (int $tenths): int|float => Length::ofTenths($tenths)->mm();

        return $kind->id !== BoxKind::OWN ? ['kind' => $kind->id] : [
            'kind' => BoxKind::OWN,
            'length' => $mm($kind->inside->topLength),
            'width' => $mm($kind->inside->topWidth),
            'height' => $mm($kind->inside->height),
            'floorLength' => $mm($kind->inside->floorLength), 'floorWidth' => $mm($kind->inside->floorWidth),
        ];
    }
}
