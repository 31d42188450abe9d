<svg class="h-8 w-8 text-lamp" viewBox="0 0 36 36" fill="none" stroke="currentColor" aria-hidden="true"
    focusable="false">
    <circle cx="18" cy="18" r="16.5" stroke-width="2.5"/>
    <path d="M14 27h8M15 23.5h6l1-9h-8zM13 14.5h10M15 11.5h6l-3-3.5z" stroke-width="1.8" stroke-linejoin="round"
        stroke-linecap="round"/>
    <path d="M10 17l-4-1.5M26 17l4-1.5M10 20l-4 1.5M26 20l4 1.5" stroke-width="1.5" stroke-linecap="round"/>
</svg>
