@props(['on'])

<x-tabs :$on :aria-label="__('components/gather-tabs.gather')" class="mb-4" :tabs="[
    'gather' => __('components/gather-tabs.the-stash'),
    'write' => __('gather/written.title'),
    'price-desk' => __('components/gather-tabs.price-check'),
    'pocket' => __('components/gather-tabs.in-the-shop'),
    'shopping' => __('components/gather-tabs.shopping-list'),
    'money' => __('components/gather-tabs.money'),
    'import' => __('components/gather-tabs.import-and-export'),
    'kits' => __('gather/kits.title'),
    'makes' => __('gather/makes.title'),
    'kinds' => __('gather/kinds.title'),
]" />
