<?php

declare(strict_types=1);

return [

    'title' => 'Note',
    'heading' => 'Note for “:theme”',
    'what-for' => 'Short and warm, in plain words: the child may be learning this language, and so may whoever reads '
        .'it aloud.',
    'words' => 'The note',
    'hint' => 'First names only. For all boxes you may write :theme, :age and :things: each box puts in its own.',
    'theme' => '[theme]',
    'age' => '[age]',
    'things' => '[things]',
    'add' => 'Put these sentences in',
    'put-in' => 'Put them in, and save',
    'for-all' => 'Notes of further boxes begin with this one',
    'keep' => 'Save the note',
    'print' => 'Print it',
    'back' => 'Back to the box',
    'kept' => 'The note is saved.',
    'gone' => 'The note is taken away.',
    'text' => 'Write it as text.',
    'too-long' => 'That is :over letters more than the :most that fit on its card.',
    'meanwhile' => 'Someone else wrote at it meanwhile. Theirs now: “:now”. Save yours once more to put it in its '
        .'place.',
    'as-handed-in' => 'This box is handed in; its note stays as it is.',
    'look' => 'Looked through',
    'fine' => 'Nothing in it tells a stranger who you are or where you live, as far as we can see.',
    'left-out' => 'Better left out, or said otherwise. You decide; your drive’s guide goes first.',
    'doubts' => [
        'full-name' => '“:found” looks like a full name. A first name is enough: a stranger could find you by more.',
        'street' => '“:found” looks like an address. It would tell a stranger where you live.',
        'mail' => '“:found” looks like an e-mail address. Anyone could write to it, and many drives forbid it.',
        'phone' => '“:found” looks like a telephone number.',
        'web' => '“:found” leads to a page or an account by which you can be found.',
        'money' => '“:found”: a note to a child should not speak of money or ask for any.',
        'long-sentence' => '“:found” is a long sentence. Two short ones are easier for whoever learns the language.',
    ],

    'sentences' => [
        'hello' => 'Hello! This box is for you.',
        'packed' => 'We packed it with joy.',
        'hope' => 'We hope it makes you smile.',
        'play' => 'We wish you much fun with it.',
        'share' => 'Play with it with your friends.',
        'strong' => 'You are brave and you are dear.',
        'bye' => 'Warm greetings from far away!',
    ],
    'sentences-small' => [
        'hug' => 'Here is something soft to hug.',
        'sleep' => 'Sleep well and have good dreams.',
    ],
    'sentences-school' => [
        'school' => 'We wish you a good time at school.',
        'draw' => 'You can draw us in your mind: we are waving.',
    ],
    'sentences-old' => [
        'learn' => 'Whatever you want to learn, you can.',
        'make' => 'Some of it is for making things of your own.',
    ],
    'sayings' => [
        'saying-star' => 'Even a small star lights the way.',
        'saying-wren' => 'The smallest bird sings the loudest.',
        'saying-friend' => 'One friend makes a far place near.',
        'saying-step' => 'Every long way begins at the door.',
    ],
    'photo' => 'A photo on the note',
    'photo-hint' => 'Only if you wish, and if your drive allows it. It is made small, and nothing that a camera writes '
        .'beside it is kept: no place, no hour.',
    'photo-file' => 'Choose a photo',
    'photo-side' => 'How much of it',
    'photo-x' => 'From left to right',
    'photo-y' => 'From above to below',
    'photo-keep' => 'Put it on the note',
    'photo-drop' => 'Take it off',
    'photo-there' => 'The photo on this note',
    'photo-kept' => 'The photo is on the note.',
    'photo-gone' => 'The photo is off the note.',

];
