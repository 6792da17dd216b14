<?php

declare(strict_types=1);

/*
 * What packers call things when they type them, and the kind that is meant. Written before the kinds were: a list of
 * what people say, not of what the catalogue happens to know.
 */

return [
    'soap' => 'soap', 'bars of soap' => 'soap', 'soap dish' => 'soap-case', 'soap saver' => 'soap-saver',
    'toothbrushes' => 'toothbrush', 'tooth paste' => 'toothpaste', 'flannel' => 'washcloth',
    'face cloth' => 'washcloth',
    'wash cloths' => 'washcloth', 'combs' => 'comb', 'hair brush' => 'hairbrush', 'bandages' => 'plasters',
    'sticking plasters' => 'plasters', 'nail clipper' => 'nail-clippers', 'nail file' => 'nail-file',
    'emery boards' => 'nail-file', 'tweezers' => 'tweezers', 'tissues' => 'tissues', 'hankies' => 'tissues',
    'sanitary pads' => 'pads-washable', 'reusable pads' => 'pads-washable', 'lip balm stick' => 'lip-balm',
    'lip salve' => 'lip-balm', 'bath sponge' => 'scrubby', 'wash puff' => 'scrubby', 'hand towel' => 'towel',
    'wet bag' => 'wet-bag', 'sponge bag' => 'washbag', 'toilet bag' => 'washbag', 'pocket mirror' => 'mirror-small',

    'ball' => 'ball', 'football' => 'ball', 'soccer ball' => 'ball', 'deflated ball' => 'ball-and-pump',
    'ball with pump' => 'ball-and-pump', 'ball pump' => 'ball-pump', 'foam ball' => 'ball-foam', 'dolly' => 'doll',
    'dump truck' => 'toy-vehicle-large', 'tractor' => 'toy-vehicle-large', 'bricks' => 'building-set',
    'building blocks' => 'building-set', 'wooden blocks' => 'wooden-blocks', 'recorder' => 'recorder',
    'telescope' => 'star-viewer', 'stacking cups' => 'stacking-toy', 'nesting dolls' => 'nesting-toy',
    'plastic dinosaurs' => 'toy-animal-set', 'dinosaur' => 'figure', 'toy horse' => 'figure',
    'harmonica' => 'harmonica', 'mouth organ' => 'harmonica', 'kazoos' => 'kazoo', 'maracas' => 'maracas',
    'hand bells' => 'hand-bells', 'music box' => 'music-box', 'binoculars' => 'binoculars',

    'teddy' => 'plush-small', 'stuffed animal' => 'plush-small', 'soft toy' => 'plush-small',
    'beanie' => 'hat-knitted', 'bean bag animal' => 'plush-beans', 'rag doll' => 'rag-doll',
    'hand puppet' => 'puppet', 'finger puppets' => 'finger-puppet', 'baby blanket' => 'blanket-small',

    'jump rope' => 'skipping-rope', 'jigsaw' => 'puzzle', 'jigsaw puzzle' => 'puzzle',
    'deck of cards' => 'playing-cards',
    'memory game' => 'matching-game', 'flash cards' => 'fact-cards', 'domino' => 'dominoes', 'marbles' => 'marbles',
    'toy cars' => 'toy-car', 'little car' => 'toy-car', 'throwing disc' => 'flying-disc', 'yoyo' => 'yo-yo',
    'balloons' => 'balloons', 'sticker sheets' => 'stickers', 'bouncing balls' => 'bouncy-ball', 'jacks' => 'jacks',
    'spinning tops' => 'finger-top', 'bubbles' => 'bubbles', 'kite' => 'kite', 'whistles' => 'whistle',
    'chapter book' => 'story-book', 'board book' => 'picture-book', 'dice' => 'dice',
    'noughts and crosses' => 'tic-tac-toe',
    'paddle ball' => 'paddle-ball', 'gliders' => 'foam-plane', 'foam plane' => 'foam-plane',
    'jumping elastic' => 'jump-elastic', 'footbag' => 'hacky-ball', 'stress ball' => 'squeeze-ball',
    'spiky ball' => 'spiky-ball', 'golf balls' => 'golf-ball', 'fidget spinner' => 'fidget-toy',
    'fidget' => 'fidget-toy', 'bubble popper' => 'bubble-popper', 'magnifying glass' => 'magnifier',
    'magnifier' => 'magnifier', 'wind-up toy' => 'wind-up-toy', 'pull back car' => 'pull-back-toy',
    'toy soldier' => 'figure', 'sticker book' => 'sticker-scene', 'glow in the dark stars' => 'glow-shapes',
    'scratch art' => 'scratch-cards', 'spring toy' => 'spring-toy', 'puzzle cube' => 'puzzle-cube',
    'toy phone' => 'toy-telephone', 'tea set' => 'tea-set', 'doll clothes' => 'doll-clothes',

    'exercise book' => 'notebook', 'note books' => 'notebook', 'composition book' => 'composition-book',
    'graph paper' => 'squared-notebook', 'sketch book' => 'sketchpad', 'drawing pad' => 'sketchpad',
    'coloring book' => 'colouring-book', 'pencils' => 'pencils', 'mechanical pencils' => 'mechanical-pencil',
    'propelling pencil' => 'mechanical-pencil', 'colored pencils' => 'colouring-pencils',
    'coloured pencils' => 'colouring-pencils', 'crayons' => 'crayons', 'chunky crayons' => 'crayons-thick',
    'pencil sharpeners' => 'sharpener', 'rubber' => 'eraser', 'erasers' => 'eraser', 'school scissors' => 'scissors',
    'ruler' => 'ruler', 'short ruler' => 'ruler-short', 'glue' => 'glue-stick', 'ball pen' => 'pens', 'pens' => 'pens',
    'highlighters' => 'highlighter', 'permanent marker' => 'permanent-marker', 'markers' => 'felt-tips',
    'pencil pouch' => 'pencil-case', 'calculator' => 'calculator', 'sidewalk chalk' => 'chalk-thick',
    'sticky notes' => 'sticky-notes', 'sticky tape' => 'tape-roll', 'protractor' => 'set-square',
    'compass and protractor' => 'set-square', 'stencils' => 'stencil', 'rubber stamp' => 'stamper',
    'plastic folder' => 'folder', 'bookmarks' => 'bookmark', 'diary' => 'journal', 'paints' => 'watercolours',

    'tee shirt' => 't-shirt', 'jeans' => 'trousers', 'pants' => 'trousers', 'frock' => 'dress', 'sock' => 'socks',
    'knickers' => 'underwear', 'boxers' => 'underwear', 'wooly hat' => 'hat-knitted', 'sandals' => 'sandals',
    'thongs' => 'flip-flops', 'hair bands' => 'hair-ties', 'scrunchies' => 'hair-ties', 'hair clips' => 'hair-clips',
    'barrettes' => 'hair-clips', 'alice band' => 'headband', 'hair bow' => 'hair-bow', 'hoody' => 'hoodie',
    'sweater' => 'jumper', 'mittens' => 'gloves', 'sneakers' => 'canvas-shoes', 'baseball cap' => 'sun-cap',
    'sunnies' => 'sunglasses', 'sun glasses' => 'sunglasses', 'watch' => 'watch', 'belt' => 'belt',
    'bow tie' => 'bow-tie', 'bandanas' => 'bandana', 'necklace' => 'necklace', 'rings' => 'finger-ring',
    'swimming goggles' => 'swim-goggles', 'rain coat' => 'poncho',

    'flashlight' => 'torch', 'sewing kit' => 'sewing-set', 'needle and thread' => 'sewing-set',
    'beads' => 'craft-beads',
    'wooden beads' => 'beads-wooden', 'modeling clay' => 'modelling-clay', 'knitting' => 'wool-needles',
    'loom bands' => 'loom-bands', 'safety pins' => 'safety-pins', 'ribbon' => 'ribbon', 'fish hooks' => 'fishing-kit',
    'string' => 'string-roll', 'pipe cleaners' => 'pipe-cleaners', 'googly eyes' => 'googly-eyes',
    'tape measure' => 'tape-measure', 'multi tool' => 'screwdriver',

    'drink bottle' => 'water-bottle', 'sippy cup' => 'cup', 'mug' => 'cup', 'plate' => 'plate', 'spoons' => 'spoon',
    'lunch box' => 'lunch-tin', 'snack pot' => 'snack-tub', 'tote bag' => 'tote', 'backpack' => 'backpack-folded',
    'rucksack' => 'backpack-folded', 'purse' => 'purse', 'wallet' => 'wallet', 'carabiner' => 'carabiner',
    'fan' => 'hand-fan', 'umbrella' => 'umbrella', 'ground sheet' => 'ground-sheet',

    'photo' => 'photo-card', 'card' => 'letter', 'letter' => 'letter', 'candy' => 'sweets-wrapped',
    'lollies' => 'sweets-wrapped', 'keychain' => 'keyring', 'cross' => 'pendant', 'locket' => 'locket',
    'map' => 'world-map', 'friendship bracelet' => 'bracelet', 'postcard' => 'picture-card', 'magnet' => 'magnet',
];
