<?php

declare(strict_types=1);

return [
    'due' => ':name, due :day',
    'due-on' => 'due :day',
    'size-label' => 'size :size',
    'ride' => [
        'put-into' => 'Put it into…',
        'label' => 'Goes into',
        'nothing' => 'nothing: it lies in the box',
        'in' => '“:name” goes in there now.',
        'out' => '“:name” lies in the box itself again.',
        'gone' => 'That is not in this box any more.',
        'itself' => 'A thing does not go into itself.',
        'holds' => 'There is something in “:name” already. Take that out of it first.',
        'rides' => '“:holder” lies in something itself.',
        'no-hollow' => '“:holder” has no room inside for “:name”.',
        'no-room' => '“:name” does not go into “:holder” with what is in it.',
        'try' => 'It may go into: :names.',
        'is-in' => 'in :holder',
        'more' => 'More about :name',
    ],
    'too-large' => 'Larger than the drive takes.',
    'counts' => [
        'label' => 'Counts as',
        'itself-option' => 'what it is',
        'as' => '“:name” counts as :need in this box.',
        'itself' => '“:name” counts as what it is.',
        'is' => 'counts as :need',
    ],

    'gift-asked' => 'The drive asks :gift for each box to be sent.',
    'gift-abroad' => 'The drive asks :gift for each box to be sent. Write what that is for you in :code; the box '
        .'counts with it.',
    'the-file' => 'The file',
    'imported' => '“:theme” is on your shelf, as the file has it; what is in it is in your stash.',
    'planned' => '“:theme” is on your shelf.',
    'changed' => 'The box is changed.',
    'removed' => '“:theme” is deleted; its pieces are back in the stash.',
    'moved' => '“:theme” is now :stage.',
    'picked' => '“:name” is in the box.',
    'picked-in-place' => '“:name” is in the box; off the list to buy: :others.',
    'added' => '“:name” is in your stash and in the box.',
    'listed' => '“:name” is on the list to buy.',
    'listed-from-guide' => 'Everything that was missing is on the list to buy.',
    'quantity-changed' => 'The number is changed.',
    'taken-out' => '“:name” is out of the box.',
    'lid-is-on' => 'This box is :stage: its lid is on. Move it back to ready before you change what is in it.',
    'handed-in' => 'This box was handed in and stays as it was. If it came back, take it back first: that stands at '
        .'the bottom of its page.',
    'handed-in-on' => 'Handed in on :day by :by. It stays as it was, whatever becomes of the stash, the guide and '
        .'the kinds of things.',
    'handed-in-day' => 'handed in on :day',
    'handed-in-by-someone' => 'someone',
    'take-back' => 'It came back…',
    'take-back-why' => 'It is packed again then, and can be opened and changed. Its record is kept, and says that it '
        .'was taken back.',
    'take-back-do' => 'Take it back',
    'taken-back' => '“:theme” is taken back; it is packed again.',
    'as-record' => 'Its record as a file',
    'too-many-in-all' => 'A box holds at most :most pieces in all.',
    'not-closed-yet' => 'Close this box first: look through the closing check, put the lid on, then hand it in.',
    'fields' => [
        'band' => 'for whom it is',
        'box_kind' => 'which box it is',
        'theme' => 'the theme',
        'colours' => 'the colours',
        'budget' => 'the budget or the shipping gift',
    ],
    'too-many' => 'A box holds at most :most of one thing.',
    'on-shelf' => '{1} One box.|[2,*] :count boxes.',
    'carton' => '{0} Too large for the drive’s carton.|{1} One goes into the drive’s carton.|[2,*] :count go into the '
        .'drive’s carton.',
    'carton-standard' => ' Of the :name, :count do.',
    'to-a-carton' => '{0} too large for the carton|[1,*] :count to a carton',
    'days' => '{1} 1 day|[2,*] :count days',

    'errors' => [
        'required' => 'Please fill this in.',
        'lid-decorated' => 'The lid of this box is wrapped or decorated, so it is this box. Tick “another box” below '
            .'to take a new one: what was done to this one starts again.',
        'file' => 'Choose a box file (JSON) of at most 500 KB.',
        'currency' => 'That box is in :theirs; your crew’s money is :ours.',
        'side' => 'A gift box is from :least to :most cm on each side, and :side without a unit is millimetres. '
            .'Write “:side cm” or “:side in” if that is meant.',
        'gift-required' => 'The drive asks :gift; write what that is in your own money.',
        'in' => 'Please choose one of these.',
        'text' => 'Please write this as text.',
        'theme-required' => 'Give the box a theme; a word will do.',
        'theme-max' => 'A theme has at most 80 characters.',
        'colours-max' => 'A theme has up to three colours.',
        'colour' => 'That is not a colour.',
        'budget-zero' => 'A budget of zero buys nothing. Leave it empty to plan without one.',
        'quantity' => 'A whole number from 1 to 100, please.',
        'quantity-over-pieces' => 'Only :pieces came in this pack.',
    ],

];
