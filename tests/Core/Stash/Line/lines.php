<?php

declare(strict_types=1);

/*
 * Lines as packers type them, and what each should become; written before the reader was. A Friday, 27 November 2026;
 * Mill Lane is known as a shop, Corner Barn as a charity shop, Bobbin Row as a shop on the net, Ines as a giver; Tide
 * pool and Little railway are planned boxes. `asks` is what has to be asked: the line is not kept until it is answered.
 */

return [
    // Count, thing, price.
    '8 soap 3.95 Mill Lane -50%' => [
        'kind' => 'soap', 'pieces' => '8', 'price' => '1.98', 'list_price' => '3.95', 'place' => 'Mill Lane',
        'source' => 'shop',
    ],
    'soap' => ['kind' => 'soap'],
    'soap 0.89' => ['kind' => 'soap', 'price' => '0.89'],
    '8 soap 3.95' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.95'],
    '8 soaps 3.95' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.95'],
    'soap x8 3.95' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.95'],
    'soap 8x 3.95' => ['kind' => 'soap', 'pieces' => '8', 'asks' => 'each'],
    '8x soap 3.95' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.95'],
    '8 x soap 3.95' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.95'],
    '8 × soap, 3.95' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.95'],
    '3.95 8 soap' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.95'],
    '3.95 soap x8' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.95'],
    'eight soaps 3.95' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.95'],
    'a comb 0.40' => ['kind' => 'comb', 'price' => '0.40'],
    'one comb 0.40' => ['kind' => 'comb', 'price' => '0.40'],
    'a dozen combs 4.80' => ['kind' => 'comb', 'pieces' => '12', 'price' => '4.80'],
    '2 dozen combs 9.60' => ['kind' => 'comb', 'pieces' => '24', 'price' => '9.60'],
    'half a dozen combs 2.40' => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.40'],
    'COMBS 6 2.40' => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.40'],
    'combs, 6, 2.40' => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.40'],
    "6\tcombs\t2.40" => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.40'],
    'combs;6;2.40' => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.40'],
    'combs | 6 | 2.40' => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.40'],
    '6 combs 2,40' => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.40'],
    '6 combs $2.40' => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.40'],
    '6 combs 2.40 $' => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.40'],
    '6 combs 5.-' => ['kind' => 'comb', 'pieces' => '6', 'price' => '5.00'],
    '6 combs 5,–' => ['kind' => 'comb', 'pieces' => '6', 'price' => '5.00'],
    'comb 1.--' => ['kind' => 'comb', 'price' => '1.00'],
    '6 combs $5.-' => ['kind' => 'comb', 'pieces' => '6', 'price' => '5.00'],
    '3 combs 2.- each' => ['kind' => 'comb', 'pieces' => '3', 'price' => '6.00'],
    '3 x 2.- combs' => ['kind' => 'comb', 'pieces' => '3', 'price' => '6.00'],
    '2 combs -.90' => ['kind' => 'comb', 'pieces' => '2', 'asks' => 'price'],
    'T-shirt 134/140 5.-' => ['kind' => 't-shirt', 'price' => '5.00', 'size_label' => '134/140'],
    'T-shirt 134/140 5.95' => ['kind' => 't-shirt', 'price' => '5.95', 'size_label' => '134/140'],
    '2 leggings 110-116 4.50' => ['kind' => 'leggings', 'pieces' => '2', 'price' => '4.50', 'size_label' => '110-116'],
    'leggings 128 cm 4.50' => ['kind' => 'leggings', 'price' => '4.50', 'size_label' => '128 cm'],
    'belt 80 cm 4.50' => ['kind' => 'belt', 'name' => 'Belt 80 cm', 'price' => '4.50'],
    'T-shirt size 128 5.95' => ['kind' => 't-shirt', 'price' => '5.95', 'size_label' => '128'],
    'T-shirt size 134/140' => ['kind' => 't-shirt', 'size_label' => '134/140'],
    'T-shirt 128 5.95' => ['kind' => 't-shirt', 'price' => '5.95', 'asks' => 'count'],
    '6 combs .90' => ['kind' => 'comb', 'pieces' => '6', 'price' => '0.90'],
    '- 6 combs 2.40' => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.40'],
    '* 6 combs 2.40' => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.40'],
    '6 combs: 2.40' => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.40'],
    '6 combs = 2.40' => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.40'],
    '6 combs - 2.40' => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.40'],
    'qty 6 combs 2.40' => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.40'],
    '6 pcs combs 2.40' => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.40'],
    '100 stickers 2.00' => ['kind' => 'stickers', 'asks' => 'pieces'],
    '24 crayons 2.00' => ['kind' => 'crayons', 'asks' => 'pieces'],
    'marbles 30 1.50' => ['kind' => 'marbles', 'asks' => 'pieces'],
    '24x crayons 2.00' => ['kind' => 'crayons', 'pieces' => '24', 'price' => '2.00'],
    '5 crayons 2.00' => ['kind' => 'crayons', 'pieces' => '5', 'price' => '2.00'],
    '6 boxes of crayons 3.00' => ['kind' => 'crayons', 'pieces' => '6', 'price' => '3.00'],
    '6 sticker sheets 2.00' => [
        'kind' => 'stickers', 'name' => 'Sticker sheets', 'pieces' => '6', 'price' => '2.00',
    ],
    'paint set 1.50' => ['kind' => 'watercolours', 'name' => 'Paint set', 'price' => '1.50'],
    'vest top 1.50' => ['kind' => 'vest', 'name' => 'Vest top', 'price' => '1.50'],
    'puzzle cube 1.50' => ['kind' => 'puzzle-cube', 'price' => '1.50'],
    'chalks 1.50' => ['kind' => 'chalk', 'price' => '1.50'],
    'fineliners 1.50' => ['kind' => 'felt-tips', 'name' => 'Fineliners', 'price' => '1.50'],
    'colouring pencils 3.00' => ['kind' => 'colouring-pencils', 'price' => '3.00'],
    '1 skipping rope 1.50' => ['kind' => 'skipping-rope', 'price' => '1.50'],
    'pair of flip flops 2.00' => ['kind' => 'flip-flops', 'price' => '2.00'],
    '3 pairs of flip-flops 6.00' => ['kind' => 'flip-flops', 'pieces' => '3', 'price' => '6.00'],
    '4 bars of soap 1.80' => ['kind' => 'soap', 'pieces' => '4', 'price' => '1.80'],
    '2 balls of wool 3.00' => ['kind' => 'crochet-hook', 'name' => 'Balls of wool', 'pieces' => '2', 'price' => '3.00'],

    // Each, in all, at.
    '8 soap 0.49 each' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap 0.49 ea' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap 0.49 ea.' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap each 0.49' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap @ 0.49' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap @0.49' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap at 0.49' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap 0.49 apiece' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap 0.49 a piece' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap 0.49 per piece' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap 0.49/each' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap 3.92 in all' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap 3.92 total' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap total 3.92' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap 3.92 together' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap for 3.92' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap 50c each' => ['kind' => 'soap', 'pieces' => '8', 'price' => '4.00'],
    '8 x 0.49 soap' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    'soap 8 x 0.49' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    'soap 8 @ 0.49' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    'soap 8 x 0.49 3.92' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    'soap 8 0.49 3.92' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap 0.49 = 3.92' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.92'],
    '8 soap 0.49 3.95' => ['kind' => 'soap', 'pieces' => '8', 'asks' => 'price'],
    '2 for 1.00 combs' => ['kind' => 'comb', 'pieces' => '2', 'price' => '1.00'],
    '4 combs 2 for 1.00' => ['kind' => 'comb', 'pieces' => '4', 'price' => '2.00'],
    '6 combs, 3 for 1.00' => ['kind' => 'comb', 'pieces' => '6', 'price' => '2.00'],
    '5 combs 2 for 1.00' => ['kind' => 'comb', 'pieces' => '5', 'asks' => 'price'],
    'soap 3' => ['kind' => 'soap', 'asks' => 'count'],
    'soap 12' => ['kind' => 'soap', 'asks' => 'count'],
    '8 soap 4' => ['kind' => 'soap', 'pieces' => '8', 'price' => '4.00'],
    '8 soap $4' => ['kind' => 'soap', 'pieces' => '8', 'price' => '4.00'],
    'soap $4' => ['kind' => 'soap', 'price' => '4.00'],
    '8 soap 1 each' => ['kind' => 'soap', 'pieces' => '8', 'price' => '8.00'],
    '8 soap for 4' => ['kind' => 'soap', 'pieces' => '8', 'price' => '4.00'],
    '6 9 soap' => ['kind' => 'soap', 'asks' => 'count'],

    // Packs.
    '2 packs of 12 washcloths 9.12 each, online, due 3 Dec' => [
        'kind' => 'washcloth', 'pieces' => '24', 'pack_pieces' => '12', 'price' => '18.24', 'source' => 'online',
        'due_on' => '2026-12-03',
    ],
    'pack of 12 washcloths 9.12' => [
        'kind' => 'washcloth', 'pieces' => '12', 'pack_pieces' => '12', 'price' => '9.12',
    ],
    '12-pack washcloths 9.12' => ['kind' => 'washcloth', 'pieces' => '12', 'pack_pieces' => '12', 'price' => '9.12'],
    'washcloths 12 pack 9.12' => ['kind' => 'washcloth', 'pieces' => '12', 'pack_pieces' => '12', 'price' => '9.12'],
    'washcloths 12pk 9.12' => ['kind' => 'washcloth', 'pieces' => '12', 'pack_pieces' => '12', 'price' => '9.12'],
    'washcloths, pack of 12, 9.12' => [
        'kind' => 'washcloth', 'pieces' => '12', 'pack_pieces' => '12', 'price' => '9.12',
    ],
    '2 x 12-pack washcloths 18.24 in all' => [
        'kind' => 'washcloth', 'pieces' => '24', 'pack_pieces' => '12', 'price' => '18.24',
    ],
    '2 12-packs washcloths 9.12 per pack' => [
        'kind' => 'washcloth', 'pieces' => '24', 'pack_pieces' => '12', 'price' => '18.24',
    ],
    '2 packs of 12 washcloths 9.12 a pack' => [
        'kind' => 'washcloth', 'pieces' => '24', 'pack_pieces' => '12', 'price' => '18.24',
    ],
    '2 packs of 12 washcloths 9.12' => [
        'kind' => 'washcloth', 'pieces' => '24', 'pack_pieces' => '12', 'asks' => 'each',
    ],
    'combs 2 packs of 6 total 4.80' => ['kind' => 'comb', 'pieces' => '12', 'pack_pieces' => '6', 'price' => '4.80'],
    '3 packs of 5 toothbrushes 1.50 each pack' => [
        'kind' => 'toothbrush', 'pieces' => '15', 'pack_pieces' => '5', 'price' => '4.50',
    ],
    'toothbrushes 5pk x3 1.50 a pack' => [
        'kind' => 'toothbrush', 'pieces' => '15', 'pack_pieces' => '5', 'price' => '4.50',
    ],
    'set of 4 combs 1.20' => ['kind' => 'comb', 'pieces' => '4', 'pack_pieces' => '4', 'price' => '1.20'],
    'pack of 24 crayons 0.50' => ['kind' => 'crayons', 'asks' => 'pieces'],
    '24-pack crayons 0.50' => ['kind' => 'crayons', 'asks' => 'pieces'],
    '3 boxes of crayons 1.50' => ['kind' => 'crayons', 'pieces' => '3', 'price' => '1.50'],
    '3 box crayons 0.50 each' => ['kind' => 'crayons', 'pieces' => '3', 'price' => '1.50'],
    '2 packs of playing cards 2.00' => ['kind' => 'playing-cards', 'pieces' => '2', 'price' => '2.00'],
    'pack of playing cards 1.00' => ['kind' => 'playing-cards', 'price' => '1.00'],
    'bag of marbles 1.25' => ['kind' => 'marbles', 'price' => '1.25'],
    'pencils 12ct 1.29' => ['kind' => 'pencils', 'pieces' => '12', 'pack_pieces' => '12', 'price' => '1.29'],

    '2 packs washcloths 9.12' => ['kind' => 'washcloth', 'pieces' => '2', 'price' => '9.12', 'asks' => 'pack'],
    '2 multipacks of socks 5.00' => ['kind' => 'socks', 'pieces' => '2', 'price' => '5.00', 'asks' => 'pack'],

    // As order mails and tills print them.
    '2 x Toothbrush 1.50' => ['kind' => 'toothbrush', 'pieces' => '2', 'price' => '1.50'],
    'Toothbrush, blue 2 0.75 1.50' => [
        'kind' => 'toothbrush', 'colours' => 'harbour blue', 'pieces' => '2', 'price' => '1.50',
    ],
    'TOOTHBRUSH 2 @ 0.75 1.50' => ['kind' => 'toothbrush', 'pieces' => '2', 'price' => '1.50'],
    'glue sticks x2 @0.25 each' => ['kind' => 'glue-stick', 'pieces' => '2', 'price' => '0.50'],
    'water bottle 500 ml 1.99' => ['kind' => 'water-bottle', 'name' => 'Water bottle 500 ml', 'price' => '1.99'],
    '1 200 pencils' => ['kind' => 'pencils', 'asks' => 'count'],
    'pencils x200 12.00' => ['kind' => 'pencils', 'pieces' => '200', 'price' => '12.00'],
    'soap 1,012.00' => ['kind' => 'soap', 'price' => '1012.00'],
    'soap 0.890' => ['kind' => 'soap', 'asks' => 'price'],

    // Cuts.
    '4 notebooks 4.00 -25%' => ['kind' => 'notebook', 'pieces' => '4', 'price' => '3.00', 'list_price' => '4.00'],
    '4 notebooks 4.00 25% off' => ['kind' => 'notebook', 'pieces' => '4', 'price' => '3.00', 'list_price' => '4.00'],
    '4 notebooks 4.00 half price' => [
        'kind' => 'notebook', 'pieces' => '4', 'price' => '2.00', 'list_price' => '4.00',
    ],
    '4 notebooks 4.00 - 25 %' => ['kind' => 'notebook', 'pieces' => '4', 'price' => '3.00', 'list_price' => '4.00'],
    '4 notebooks 4.00 -1.00' => ['kind' => 'notebook', 'pieces' => '4', 'price' => '3.00', 'list_price' => '4.00'],
    '4 notebooks 4.00 1.00 off' => ['kind' => 'notebook', 'pieces' => '4', 'price' => '3.00', 'list_price' => '4.00'],
    '4 notebooks 1.00 each -25%' => [
        'kind' => 'notebook', 'pieces' => '4', 'price' => '3.00', 'list_price' => '4.00',
    ],
    '4 notebooks 1.00 each -0.50' => ['kind' => 'notebook', 'pieces' => '4', 'asks' => 'cut'],
    '4 notebooks 4.00 -50% -10%' => [
        'kind' => 'notebook', 'pieces' => '4', 'price' => '1.80', 'list_price' => '4.00',
    ],
    '3 notebooks 1.00 each 3 for 2' => [
        'kind' => 'notebook', 'pieces' => '3', 'price' => '2.00', 'list_price' => '3.00',
    ],
    '3 notebooks 1.00 each 2+1' => ['kind' => 'notebook', 'pieces' => '3', 'price' => '2.00', 'list_price' => '3.00'],
    'notebook was 2.00 now 1.20' => ['kind' => 'notebook', 'price' => '1.20', 'list_price' => '2.00'],
    'notebook 1.20 was 2.00' => ['kind' => 'notebook', 'price' => '1.20', 'list_price' => '2.00'],
    'notebook 2.00 now 1.20' => ['kind' => 'notebook', 'price' => '1.20', 'list_price' => '2.00'],
    'notebook 2.00 → 1.20' => ['kind' => 'notebook', 'price' => '1.20', 'list_price' => '2.00'],
    '-50% soap 0.90' => ['kind' => 'soap', 'price' => '0.45', 'list_price' => '0.90'],
    'soap 0.90 120% off' => ['kind' => 'soap', 'asks' => 'cut'],
    'soap 0.90 -1.00' => ['kind' => 'soap', 'asks' => 'cut'],

    // Free, given, made, found, where.
    'socks 5-6 x3 from Ines' => [
        'kind' => 'socks', 'pieces' => '3', 'size_label' => '5-6', 'source' => 'given', 'place' => 'Ines',
    ],
    'crochet cloth made, cotton 1.20, 40 min' => [
        'kind' => 'washcloth', 'name' => 'Crochet cloth', 'source' => 'made', 'materials' => 'cotton',
        'price' => '1.20', 'minutes' => '40',
    ],
    'washcloth made, cotton 1.20, 40 min' => [
        'kind' => 'washcloth', 'source' => 'made', 'materials' => 'cotton', 'price' => '1.20', 'minutes' => '40',
    ],
    'knitted hat made, wool 2.50, 3 h' => [
        'kind' => 'hat-knitted', 'source' => 'made', 'materials' => 'wool', 'price' => '2.50', 'minutes' => '180',
    ],
    'homemade rag doll 1.5 hours' => ['kind' => 'rag-doll', 'source' => 'made', 'minutes' => '90'],
    'drawstring bag made' => ['kind' => 'drawstring-bag', 'source' => 'made'],
    '3 pencils free' => ['kind' => 'pencils', 'pieces' => '3', 'price' => '0.00'],
    '3 pencils for free' => ['kind' => 'pencils', 'pieces' => '3', 'price' => '0.00'],
    '3 pencils 0.00' => ['kind' => 'pencils', 'pieces' => '3', 'price' => '0.00'],
    '3 pencils gift' => ['kind' => 'pencils', 'pieces' => '3', 'source' => 'given'],
    '3 pencils given by Odell' => ['kind' => 'pencils', 'pieces' => '3', 'source' => 'given', 'place' => 'Odell'],
    '3 pencils donated by Odell Marsh' => [
        'kind' => 'pencils', 'pieces' => '3', 'source' => 'given', 'place' => 'Odell Marsh',
    ],
    '3 pencils from Ines' => ['kind' => 'pencils', 'pieces' => '3', 'source' => 'given', 'place' => 'Ines'],
    '3 pencils from Odell' => ['kind' => 'pencils', 'pieces' => '3', 'asks' => 'place'],
    '3 pencils 0.60 from Odell' => ['kind' => 'pencils', 'pieces' => '3', 'price' => '0.60', 'place' => 'Odell'],
    '3 pencils 0.60 from Mill Lane' => [
        'kind' => 'pencils', 'pieces' => '3', 'price' => '0.60', 'place' => 'Mill Lane', 'source' => 'shop',
    ],
    '3 pencils 0.60 at mill lane' => [
        'kind' => 'pencils', 'pieces' => '3', 'price' => '0.60', 'place' => 'Mill Lane', 'source' => 'shop',
    ],
    'Mill Lane 3 pencils 0.60' => [
        'kind' => 'pencils', 'pieces' => '3', 'price' => '0.60', 'place' => 'Mill Lane', 'source' => 'shop',
    ],
    'Mill Lane: 3 pencils 0.60' => [
        'kind' => 'pencils', 'pieces' => '3', 'price' => '0.60', 'place' => 'Mill Lane', 'source' => 'shop',
    ],
    '3 pencils 0.60 Corner Barn' => [
        'kind' => 'pencils', 'pieces' => '3', 'price' => '0.60', 'place' => 'Corner Barn', 'source' => 'thrift',
    ],
    '3 pencils 0.60 Bobbin Row' => [
        'kind' => 'pencils', 'pieces' => '3', 'price' => '0.60', 'place' => 'Bobbin Row', 'source' => 'online',
    ],
    '3 pencils 0.60 at Quay Stores' => [
        'kind' => 'pencils', 'pieces' => '3', 'price' => '0.60', 'place' => 'Quay Stores',
    ],
    '3 pencils 0.60 Quay Stores' => ['kind' => 'pencils', 'pieces' => '3', 'price' => '0.60', 'place' => 'Quay Stores'],
    '3 pencils 0.60 online' => ['kind' => 'pencils', 'pieces' => '3', 'price' => '0.60', 'source' => 'online'],
    '3 pencils 0.60 thrift shop' => ['kind' => 'pencils', 'pieces' => '3', 'price' => '0.60', 'source' => 'thrift'],
    '3 pencils 0.60 second-hand' => ['kind' => 'pencils', 'pieces' => '3', 'price' => '0.60', 'source' => 'thrift'],
    '3 pencils 0.60 clearance' => ['kind' => 'pencils', 'pieces' => '3', 'price' => '0.60', 'source' => 'clearance'],
    '3 pencils from home' => ['kind' => 'pencils', 'pieces' => '3', 'source' => 'own-house'],
    '3 pencils points' => ['kind' => 'pencils', 'pieces' => '3', 'source' => 'reward'],

    // Days.
    'soap 0.89 yesterday' => ['kind' => 'soap', 'price' => '0.89', 'got_on' => '2026-11-26'],
    'soap 0.89 today' => ['kind' => 'soap', 'price' => '0.89', 'got_on' => '2026-11-27'],
    'soap 0.89 on 3 Nov' => ['kind' => 'soap', 'price' => '0.89', 'got_on' => '2026-11-03'],
    'soap 0.89 3 Nov' => ['kind' => 'soap', 'price' => '0.89', 'got_on' => '2026-11-03'],
    'soap 0.89 Nov 3' => ['kind' => 'soap', 'price' => '0.89', 'got_on' => '2026-11-03'],
    'soap 0.89 3rd of November' => ['kind' => 'soap', 'price' => '0.89', 'got_on' => '2026-11-03'],
    'soap 0.89 3 November 2025' => ['kind' => 'soap', 'price' => '0.89', 'got_on' => '2025-11-03'],
    'soap 0.89 2026-11-03' => ['kind' => 'soap', 'price' => '0.89', 'got_on' => '2026-11-03'],
    'soap 0.89 03.11.2026' => ['kind' => 'soap', 'price' => '0.89', 'got_on' => '2026-11-03'],
    'soap 0.89 on Monday' => ['kind' => 'soap', 'price' => '0.89', 'got_on' => '2026-11-23'],
    'soap 0.89 3 Dec' => ['kind' => 'soap', 'price' => '0.89', 'got_on' => '2025-12-03'],
    'soap 0.89 due 3 Dec' => ['kind' => 'soap', 'price' => '0.89', 'due_on' => '2026-12-03'],
    'soap 0.89 due Friday' => ['kind' => 'soap', 'price' => '0.89', 'due_on' => '2026-12-04'],
    'soap 0.89 arrives 3 Jan' => ['kind' => 'soap', 'price' => '0.89', 'due_on' => '2027-01-03'],
    'soap 0.89 ordered, due 2026-12-03' => ['kind' => 'soap', 'price' => '0.89', 'due_on' => '2026-12-03'],
    'soap 0.89 due tomorrow' => ['kind' => 'soap', 'price' => '0.89', 'due_on' => '2026-11-28'],

    // Sizes, sides, colours.
    'socks 5-6' => ['kind' => 'socks', 'size_label' => '5-6'],
    '3 socks 5-6 2.40' => ['kind' => 'socks', 'pieces' => '3', 'size_label' => '5-6', 'price' => '2.40'],
    'T-shirt age 5-6 2.40' => ['kind' => 't-shirt', 'size_label' => '5-6', 'price' => '2.40'],
    't shirt 5-6 years 2.40' => ['kind' => 't-shirt', 'size_label' => '5-6', 'price' => '2.40'],
    'tshirt size 8 2.40' => ['kind' => 't-shirt', 'size_label' => '8', 'price' => '2.40'],
    'tshirt M 2.40' => ['kind' => 't-shirt', 'size_label' => 'M', 'price' => '2.40'],
    'tshirt size xl 2.40' => ['kind' => 't-shirt', 'size_label' => 'XL', 'price' => '2.40'],
    '2 leggings 4T 3.00' => ['kind' => 'leggings', 'pieces' => '2', 'size_label' => '4T', 'price' => '3.00'],
    'flip flops size 32 1.50' => ['kind' => 'flip-flops', 'size_label' => '32', 'price' => '1.50'],
    'underwear 7/8 x 5 4.00' => ['kind' => 'underwear', 'pieces' => '5', 'size_label' => '7/8', 'price' => '4.00'],
    '2 socks 8 1.50' => ['kind' => 'socks', 'pieces' => '2', 'price' => '1.50', 'asks' => 'count'],
    'blue toothbrush 0.50' => ['kind' => 'toothbrush', 'price' => '0.50', 'colours' => 'harbour blue'],
    '3 red combs 0.90' => ['kind' => 'comb', 'pieces' => '3', 'price' => '0.90', 'colours' => 'signal red'],
    'T-shirt 5-6 blue 2.40' => [
        'kind' => 't-shirt', 'size_label' => '5-6', 'colours' => 'harbour blue', 'price' => '2.40',
    ],
    'washcloths red and blue x4 2.00' => [
        'kind' => 'washcloth', 'pieces' => '4', 'colours' => 'signal red, harbour blue', 'price' => '2.00',
    ],
    'pink/purple hair ties 0.80' => ['kind' => 'hair-ties', 'colours' => 'rose, violet', 'price' => '0.80'],
    'mirror sea glass 1.00' => ['kind' => 'mirror-small', 'colours' => 'sea glass', 'price' => '1.00'],
    'notebook 21 x 15 cm 1.80' => [
        'kind' => 'notebook', 'price' => '1.80', 'length' => '21 cm', 'width' => '15 cm', 'height' => '9 mm',
    ],
    '8x6" notebook 1.80' => [
        'kind' => 'notebook', 'price' => '1.80', 'length' => '8 in', 'width' => '6 in', 'height' => '9 mm',
    ],
    'underwear size 4-6, 3 for 1.50' => [
        'kind' => 'underwear', 'pieces' => '3', 'price' => '1.50', 'size_label' => '4-6',
    ],
    'T-shirt, M, 2.00' => ['kind' => 't-shirt', 'price' => '2.00', 'size_label' => 'M'],
    'water bottle 1/2 l 3.50' => ['kind' => 'water-bottle', 'name' => 'Water bottle 1/2 l', 'price' => '3.50'],
    'flip-flops, 3 pairs 6.00' => ['kind' => 'flip-flops', 'pieces' => '3', 'price' => '6.00'],
    'tin 10x8x5 cm 0.50' => [
        'kind' => 'tin-small', 'length' => '10 cm', 'width' => '8 cm', 'height' => '5 cm', 'price' => '0.50',
    ],
    'ball 120 x 120 x 120 mm 3.00' => [
        'kind' => 'ball', 'length' => '120 mm', 'width' => '120 mm', 'height' => '120 mm', 'price' => '3.00',
    ],
    'notebook 8.5 x 11 x 0.5 in 1.00' => [
        'kind' => 'notebook', 'length' => '8.5 in', 'width' => '11 in', 'height' => '0.5 in', 'price' => '1.00',
    ],

    // Names of their own.
    'owl keyring 0.75' => ['kind' => 'keyring', 'name' => 'Owl keyring', 'price' => '0.75'],
    '2 dinosaur stickers 1.00' => [
        'kind' => 'stickers', 'pieces' => '2', 'name' => 'Dinosaur stickers', 'price' => '1.00',
    ],
    'doll with a red hat 4.00' => ['kind' => 'doll', 'name' => 'Doll with a red hat', 'price' => '4.00'],
    'picture book about trains 1.00' => [
        'kind' => 'picture-book', 'name' => 'Picture book about trains', 'price' => '1.00',
    ],
    'striped football socks 5-6 1.00' => [
        'kind' => 'socks', 'name' => 'Striped football socks', 'size_label' => '5-6', 'price' => '1.00',
    ],
    'wooden owl = keyring 0.75' => ['kind' => 'keyring', 'name' => 'Wooden owl', 'price' => '0.75'],
    'glitterwhatsit 0.75' => ['name' => 'Glitterwhatsit', 'price' => '0.75', 'asks' => 'kind'],
    'something nice' => ['name' => 'Something nice', 'asks' => 'kind'],
    '3.95' => ['price' => '3.95', 'asks' => 'kind'],
    '8' => ['pieces' => '8', 'asks' => 'kind'],

    // Where it is kept, for which box, words, a note.
    'soap 0.89 kept in blue tub' => ['kind' => 'soap', 'price' => '0.89', 'kept' => 'blue tub'],
    'soap 0.89, kept: drawer 2' => ['kind' => 'soap', 'price' => '0.89', 'kept' => 'drawer 2'],
    '8 soap 3.95 in drawer 2' => ['kind' => 'soap', 'pieces' => '8', 'price' => '3.95', 'kept' => 'drawer 2'],
    'torch 3.00 for Tide pool' => ['kind' => 'torch', 'price' => '3.00', 'box' => 'Tide pool'],
    'torch 3.00 into Little railway' => ['kind' => 'torch', 'price' => '3.00', 'box' => 'Little railway'],
    'torch 3.00 #sea #night' => ['kind' => 'torch', 'price' => '3.00', 'tags' => 'sea, night'],
    'torch 3.00 (scratched a little)' => ['kind' => 'torch', 'price' => '3.00', 'note' => 'scratched a little'],
    'Mill Lane, 8 soap, 3.95, yesterday, kept in blue tub, for Tide pool' => [
        'kind' => 'soap', 'pieces' => '8', 'price' => '3.95', 'place' => 'Mill Lane', 'source' => 'shop',
        'got_on' => '2026-11-26', 'kept' => 'blue tub', 'box' => 'Tide pool',
    ],
];
