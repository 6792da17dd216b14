<p {{ $attributes->class('said mb-3') }} role="status">{{ session('said', '') }}</p>
