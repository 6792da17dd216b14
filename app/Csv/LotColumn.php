<?php

declare(strict_types=1);

namespace App\Csv;

/** The columns of a file of lots; their names are those of `docs/formats/lots-csv.md`. */
enum LotColumn: string
{
    case Id = 'id';
    case Kind = 'kind';
    case Name = 'name';
    case Pieces = 'pieces';
    case Pack = 'in a pack';
    case Price = 'price';
    case Paid = 'paid';
    case Each = 'each';
    case Currency = 'currency';
    case ListPrice = 'list price';
    case Source = 'source';
    case Place = 'place';
    case Date = 'date';
    case Length = 'length';
    case Width = 'width';
    case Height = 'height';
    case IsMeasured = 'measured';
    case SizeLabel = 'size label';
    case Traits = 'traits';
    case Tags = 'tags';
    case Kept = 'kept in';
    case Note = 'note';
    case Colours = 'colours';
    case PackagedLength = 'packaged length';
    case PackagedWidth = 'packaged width';
    case PackagedHeight = 'packaged height';
    case IsPackaged = 'goes in packaged';
    case Materials = 'materials';
    case Minutes = 'minutes';
    case Due = 'due';
    case Gone = 'gone';
    case Desk = 'price desk';
    case Fault = 'wrong';
    case FaultEnd = 'then';
    case Holds = 'holds';

    private const ALSO = [
        'id' => [],
        'kind' => ['kind of thing', 'type', 'category', 'item'],
        'name' => ['called', 'description', 'what', 'item name', 'product', 'article', 'thing'],
        'pieces' => ['quantity', 'qty', 'count', 'number', 'how many'],
        'in a pack' => ['pack', 'pack size'],
        'price' => ['price known', 'price state'],
        'paid' => [
            'cost', 'total', 'amount', 'paid in all', 'price paid', 'total price', 'total paid', 'total cost', 'sum',
        ],
        'each' => ['price each', 'unit price', 'each price', 'price per piece'],
        'currency' => ['money'],
        'list price' => ['list', 'full price', 'before'],
        'source' => ['where from', 'got by'],
        'place' => ['shop', 'store', 'giver', 'from'],
        'date' => ['got on', 'day', 'when', 'bought', 'bought on', 'date bought', 'purchase date', 'date of purchase'],
        'length' => ['length mm', 'l'],
        'width' => ['width mm', 'w'],
        'height' => ['height mm', 'h'],
        'measured' => ['measured by hand'],
        'size label' => ['size'],
        'traits' => ['cautions'],
        'tags' => ['tag', 'theme'],
        'kept in' => ['kept', 'location', 'where kept'],
        'note' => ['notes', 'remark', 'comment'],
        'colours' => ['colour', 'color', 'colors'],
        'packaged length' => [],
        'packaged width' => [],
        'packaged height' => [],
        'goes in packaged' => ['packaged'],
        'materials' => ['made of'],
        'minutes' => ['time'],
        'due' => ['due on', 'arrives'],
        'gone' => ['lost', 'broken'],
        'price desk' => [],
        'wrong' => ['fault'],
        'then' => [],
        'holds' => ['contents'],
    ];

    /** The fields that the core reads of a lot, by column; what only a table says has none. */
    public const FIELDS = [
        'kind' => 'kind',
        'name' => 'name',
        'pieces' => 'pieces',
        'in a pack' => 'pack_pieces',
        'price' => 'price_state',
        'paid' => 'price',
        'list price' => 'list_price',
        'source' => 'source',
        'place' => 'place',
        'date' => 'got_on',
        'length' => 'length',
        'width' => 'width',
        'height' => 'height',
        'measured' => 'is_measured',
        'size label' => 'size_label',
        'traits' => 'traits',
        'tags' => 'tags',
        'kept in' => 'kept',
        'note' => 'note',
        'colours' => 'colours',
        'packaged length' => 'packaged_length',
        'packaged width' => 'packaged_width',
        'packaged height' => 'packaged_height',
        'goes in packaged' => 'is_packaged',
        'materials' => 'materials',
        'minutes' => 'minutes',
        'due' => 'due_on',
        'price desk' => 'desk',
        'holds' => 'holds',
    ];

    public static function ofField(string $field): self
    {
        return self::from((string) array_search($field, self::FIELDS, true));
    }

    /** The column that a header means, or null where it means none of ours. */
    public static function ofHeader(string $header): ?self
    {
        $plain = trim((string) preg_replace('/[\s_-]+/', ' ', mb_strtolower($header)));
        foreach (self::cases() as $column) {
            if ($plain === $column->value || in_array($plain, self::ALSO[$column->value], true)) {
                return $column;
            }
        }

        return null;
    }
}
