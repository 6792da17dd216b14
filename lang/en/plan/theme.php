<?php

declare(strict_types=1);

return [

    'title' => 'Theme board',
    'heading' => 'What goes with “:theme”',
    'link' => 'Theme board',
    'back' => 'Back to the box',
    'hangs' => 'How it hangs together',
    'figure' => ':of %',
    'counts' => ':on go with the theme, :off do not, :neutral are neither.',
    'nothing-speaks' => 'Nothing in it speaks for or against the theme yet.',
    'figure-says' => 'Of what speaks for or against it. A plain bar of soap spoils no theme, and counts for nothing.',
    'words' => 'What it is about',
    'words-hint' => 'Untick what does not belong; add your own words, separated by commas.',
    'add' => 'More words',
    'for-all' => 'My own words go for every box with this theme, now and later',
    'colours' => 'Its colours, at most three',
    'colours-near' => 'Often go with it',
    'seed' => 'The find it began with',
    'no-seed' => 'none yet',
    'keep' => 'Save',
    'kept' => 'The theme is saved.',
    'wrong' => [
        'words' => 'At most 200 letters, please.',
        'colours' => 'At most three colours, please.',
        'seed' => 'Choose something that is in the stash.',
    ],
    'in' => 'In the box',
    'in-none' => 'Nothing yet.',
    'would' => 'Would go with it',
    'would-none' => 'Nothing that lies free goes with it. Add words or colours, or look what is cheap this month.',
    'on-hand' => ':count on hand',
    'awaited' => ':count, awaited on :day',
    'to-buy' => 'Could be bought for it',
    'to-buy-says' => 'Kinds of things that suit such a theme and that you have none of. A press puts one on the '
        .'box’s list.',
    'pick' => 'Pick',
    'off' => 'off the theme',
    'off-kept' => 'off the theme, and meant so',
    'keep-off' => 'It stays',
    'look-again' => 'Look again',
    'stays' => 'It stays, off the theme or not.',
    'again' => 'It counts again.',
    'missing' => 'Still to come',
    'missing-on' => ':need: :name goes with it.',
    'missing-near' => ':need: nothing goes with it; :name comes nearest.',
    'missing-none' => ':need: nothing on hand.',
    'missing-full' => 'Everything that the guide asks for is in.',

    'reasons' => [
        'tag' => 'tagged “:word”',
        'word' => '“:word” is in its name',
        'kind' => 'a kind of thing that suits it',
        'season' => 'for :season, as it is',
        'off-season' => 'for :season, which it is not',
        'same-colour' => 'the same :colour',
        'near-colour' => 'close to its colours: :colour',
        'far-colour' => 'its :colour is far from the theme’s colours',
    ],
    'in-picker' => 'goes with the theme: :why',

    'seasons' => ['winter' => 'winter', 'summer' => 'summer'],
    'hues' => [
        'pink' => 'pink', 'red' => 'red', 'orange' => 'orange', 'yellow' => 'yellow', 'green' => 'green',
        'teal' => 'blue-green', 'blue' => 'blue', 'violet' => 'violet', 'rose' => 'rose',
    ],
    'tones' => ['pale' => 'pale :hue', 'deep' => 'deep :hue'],
    'neutrals' => ['pale' => 'white', 'plain' => 'grey', 'deep' => 'black'],

];
