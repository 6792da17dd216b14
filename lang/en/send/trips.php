<?php

declare(strict_types=1);

return [

    'title' => 'Trips to the desk',
    'none' => 'No trip is planned. Say which boxes go where, and on which day.',
    'new' => 'Plan a trip',
    'new-title' => 'A new trip',
    'line' => ':day, to :place',
    'boxes' => '{0} no box|{1} one box|[2,*] :count boxes',
    'heading' => 'To :place',
    'on' => 'On :day',
    'by' => 'Planned by :name.',
    'open' => 'Open :hours.',
    'place' => 'Where to',
    'day' => 'Which day',
    'which' => 'Which boxes go along',
    'keep' => 'Plan this trip',
    'save' => 'Save',
    'change' => 'Change place, day or boxes',
    'drop' => 'Delete this trip',
    'drop-says' => 'The boxes stay on the shelf.',
    'cancel' => 'Cancel',
    'print' => 'Print the list',
    'planned' => 'The trip is planned.',
    'changed' => 'The trip is changed.',
    'dropped' => 'The trip is deleted; its boxes are still here.',
    'handed-in' => '{0} No packed box was left to hand in.|{1} One box is handed in.|[2,*] :count boxes are handed in.',
    'dockets-kept' => 'The docket numbers are saved.',
    'goes' => 'What goes along',
    'state' => [
        'packed' => 'packed',
        'handed-in' => 'handed in',
        'open' => 'no lid on yet',
    ],
    'lacks' => 'Still lacks: :what.',
    'deeds' => ['note' => 'note', 'label' => 'label', 'gift' => 'shipping gift'],
    'docket' => 'Docket number',
    'docket-of' => 'Docket number of :code',
    'docket-hint' => 'The desk writes it on the slip that you get. One number may stand for several boxes.',
    'hand-in' => '{1} Hand in the packed box|[2,*] Hand in all :count packed boxes',
    'keep-dockets' => 'Save docket numbers',
    'unpacked' => '{1} One box has no lid on yet; it stays here.'
        .'|[2,*] :count boxes have no lid on yet; they stay here.',
    'camera' => 'Read it with the camera',
    'camera-stop' => 'Stop the camera',
    'camera-none' => 'The camera cannot be used here. Type the number.',

    'doubts' => [
        'not-open-yet' => 'On :day nobody takes boxes yet: the drive takes them from :opens.',
        'place-closed' => ':place takes boxes only until :closed. Go earlier, or elsewhere.',
        'window-closed' => 'The drive takes boxes only until :closes. By :day it is over.',
        'unknown-place' => 'The drive’s guide does not name :place. Ask there before you go.',
    ],
    'clash' => 'The drive takes boxes until :closes, but :place only until :closed.',

    'cartons' => 'In the drive’s cartons',
    'filled' => '{0} None is needed.|{1} One carton.|[2,*] :count cartons.',
    'carton' => 'Carton :number, :filled % full',
    'layer' => 'Layer :number, from the floor',
    'holds' => ':kind: :count fill a carton.',
    'wastes' => ':kind: :count fill a carton; each takes the room of :room of the smallest.',
    'too-large' => 'In none of the drive’s cartons: :codes. Ask at the desk.',
    'carton-says' => 'Seen from above, layer by layer.',

    'wrong' => [
        'place' => 'Say where the trip goes, in at most 120 letters.',
        'day' => 'Choose the day.',
        'boxes' => 'Tick at least one box.',
    ],

];
