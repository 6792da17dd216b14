<?php

declare(strict_types=1);

return [

    'title' => 'The season',
    'heading' => 'Season :year',
    'says' => 'From :from to :to.',
    'phases' => [
        'gather' => 'Gather',
        'make' => 'Make',
        'plan' => 'Plan',
        'pack' => 'Pack',
        'send' => 'Send',
    ],
    'now' => [
        'gather' => 'Time to gather. Buy what is cheap now, write it down, and let it lie.',
        'make' => 'Time to make. Sew, knit, bind and put kits together while there is no hurry.',
        'plan' => 'Time to plan. Say for whom each box is, and see what it still lacks.',
        'pack' => 'Time to pack. Prepare the pieces, and bring the boxes to the table.',
        'send' => 'Time to send. Notes, labels, gifts, and off to the desk.',
    ],
    'links' => ['gather' => 'To the stash', 'make' => 'To the makes', 'plan' => 'To the shelf',
        'pack' => 'To the table',
        'send' => 'To the desk'],
    'phase' => ':phase, from :from to :to',
    'today' => 'today',

    'pace' => 'Will it be enough?',
    'done' => '{0} No box has its lid on yet.|{1} One box has its lid on.|[2,*] :count boxes have their lids on.',
    'no-goal' => 'Set yourself a number of boxes, and see here whether you will get there.',
    'foretold' => '{0} As it went lately there will be none.|{1} As it went lately there will be one box.'
        .'|[2,*] As it went lately there will be :count boxes.',
    'of' => 'At this pace :foretold of :goal boxes.',
    'enough' => 'That is enough.',
    'weekly' => '{1} To reach :goal, one box a week.|[2,*] To reach :goal, :count boxes a week.',
    'reached' => 'All :goal are reached.',
    'days' => '{0} The last day is over.|{1} Today is the last day.|[2,*] :count days are left, with today.',
    'goals' => 'How many boxes this season',
    'goal-of' => 'For :band',
    'keep-goals' => 'Save',
    'goals-kept' => 'The goal is saved.',
    'goals-wrong' => 'A whole number from 0 to :most, please.',

    'cheap' => 'Cheap in :month',
    'cheap-none' => 'Nothing that your drive asks for is known to be cheap this month.',
    'cheap-usual' => 'usually',
    'cheap-own' => 'you paid :here a piece in this month, else :else',

    'next' => 'What comes next',
    'all-dates' => 'All dates, and a calendar to follow',

    'evenings' => 'Packing evenings',
    'evenings-none' => 'None is settled yet.',
    'evening-day' => 'Day',
    'evening-begins' => 'From',
    'evening-ends' => 'To',
    'evening-place' => 'Where',
    'evening-keep' => 'Add it',
    'evening-kept' => 'The evening is in the calendar.',
    'evening-gone' => 'The evening is taken out.',
    'evening-drop' => 'Take it out',
    'evening-at' => ':day, :from to :to',
    'evening-wrong' => [
        'day' => 'Choose a day that is not over.',
        'begins' => 'Write the hour like 18:00.',
        'ends' => 'It ends after it begins; write the hour like 21:00.',
        'place' => 'At most 120 letters, please.',
    ],

    'next-season' => 'Begin the next season',
    'next-season-says' => 'Guide, goals, budget and target prices, in one act.',
    'has-next' => 'The next season is begun.',

];
