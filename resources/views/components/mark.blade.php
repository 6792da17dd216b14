<svg {{ $attributes->class('drawn') }} viewBox="0 0 48 44" aria-hidden="true" focusable="false">
    <g stroke="var(--ink)" stroke-width="2" fill="none">
        <path d="M20.4 34.5 18.6 41m-3 .6 3-.6 2.6.9M26.4 34.2 27 41m-2.8.7L27 41l2.9.6" stroke-width="1.7" />
        <path d="M18.5 16.8 12.2 4.2c-1.2-1.5-5-.3-5.2 1.6L11.4 26z" fill="var(--make)" />
        <path d="m8.4 10.4 5.2-2.1m-4.1 6.9 6-2.3" stroke-width="1.4" />
        <path d="M11 24.6c.2-8.3 7.3-14.3 15.6-13.8 5 .3 8 2.9 8.9 6.2l7.3 1.7-7 2.3c-.4 8.5-6.6 14-14.3 13.8C15.2 34.6
            11 30.5 11 24.6Z" fill="var(--next)" />
        <path d="M16.8 23.2c2.6-3 9.2-2.9 12 .3-1.6 4.7-7.6 6.2-12.3 3.8" fill="var(--card)" stroke-width="1.7" />
        <path d="M27 14.2c2-1.3 4.9-1 6.5.7" stroke="var(--card)" stroke-width="2.2" />
        <circle cx="30.6" cy="18.3" r="1.5" fill="var(--edge)" stroke="none" />
    </g>
</svg>
