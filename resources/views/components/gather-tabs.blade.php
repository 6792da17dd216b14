@props(['on'])

<x-tabs :on="$on" aria-label="Gather" class="mb-4" :tabs="['gather' => 'The stash',
    'write' => __('gather/written.title'),
    'price-desk' => 'Price check', 'pocket' => 'In the shop', 'shopping' => 'Shopping list', 'money' => 'Money',
    'import' => 'Import and export', 'kits' => __('gather/kits.title'), 'makes' => __('gather/makes.title'),
    'kinds' => __('gather/kinds.title')]" />
