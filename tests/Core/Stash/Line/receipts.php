<?php

declare(strict_types=1);

/*
 * Twelve receipts as shops print them, typed line by line: what the till says, and what each thing cost once all is
 * spread, worked out by hand.
 */

return [
    'a coupon over the whole' => [
        "8 soap 4.00\n2 combs 1.00\ncoupon 1.00",
        '4.00', ['3.20', '0.80'],
    ],
    'a minus line under a thing, and tax at the end' => [
        "4 notebooks 4.00\n-25%\n12 pencils 2.00\ntax 8%",
        '5.40', ['3.24', '2.16'],
    ],
    'tax at two rates' => [
        "2 tshirt 5-6 10.00\nsoap 1.00\ntax 20% on tshirt\ntax 5% on rest",
        '13.05', ['12.00', '1.05'],
    ],
    'a coupon on two lines, and delivery' => [
        "3 toothbrush 3.00\n6 flannels 6.00\ndoll 6.00\ncoupon 3.00 on 1, 2\ndelivery 3.00",
        '15.00', ['2.50', '5.00', '7.50'],
    ],
    // One of 1.00 is free: 6.00 for 7.00; the seventh of a cent goes to the larger rest.
    'the cheapest of three' => [
        "2 kites 6.00\nyo-yo 1.00\n3 for 2",
        '6.00', ['5.14', '0.86'],
    ],
    'a deposit and a return' => [
        "water bottle 2.00\ndeposit 0.25\nreturn rope 1.50",
        '0.75', ['2.00'],
    ],
    // 0.99 and 1.99 of 2.98 become 0.9966… and 2.0033… of 3.00.
    'rounding' => [
        "3 erasers 0.99\n6 pens 1.99\nrounding 0.02",
        '3.00', ['1.00', '2.00'],
    ],
    // 4.565 and 9.13 come to 13.695, which is 13.70.
    'other money at a rate' => [
        "10 toy cars 50.00\n5 puzzles 100.00\nrate 0.0913",
        '150.00', ['4.57', '9.13'],
    ],
    'points, and what is not ours' => [
        "hairbrush 1.50\nnot ours 12.30\npoints -0.50",
        '13.30', ['1.00'],
    ],
    'an amount off a line, and tax as an amount' => [
        "2 dolls 8.00\n-1.00\n3 kites 3 each\ntax 0.96",
        '16.96', ['7.42', '9.54'],
    ],
    // 20.64 and 4.13 less a tenth are 22.293; 18.24 of 20.64 are 19.7007… of that, 2.40 are 2.5922…
    'packs, postage, and a tenth off it all' => [
        "24 flannels 18.24\n6 combs 0.40 ea\npostage 4.13\ncoupon 10%",
        '22.29', ['19.70', '2.59'],
    ],
    'columns, a cut on one thing, a deposit that came back, and the total' => [
        "soap\t10\t4.50\nsoap case\t4\t3.00\ncomb\t4\t1.60\n10% off on soap case\ndeposit back 0.50\ntotal 8.30",
        '8.30', ['4.50', '2.70', '1.60'],
    ],
];
