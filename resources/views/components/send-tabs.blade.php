@props(['on'])

<x-tabs :on="$on" :aria-label="__('components/send-tabs.send')" class="mb-3" :tabs="['send' => __('send/desk.tab'),
    'season' => __('send/season.title'), 'cards' => __('send/labels.title'), 'dates' => __('send/dates.title'),
    'log' => __('send/log.tab'), 'review' => __('send/review.tab'), 'topup' => __('send/topup.title')]" />
