<!-- The product's mark: an olive with a clock face. -->
<svg viewBox="0 0 48 48" class="size-11" aria-hidden="true">
  <path d="M27 9c1-4 5-6 10-6-1 5-5 7-10 6z" fill="#a9b96a" />
  <ellipse cx="23" cy="27" rx="17" ry="18" fill="#7f9040" />
  <circle cx="23" cy="27" r="11.5" fill="#fffdf6" />
  <path
    d="M23 19.500v7.500l5 4"
    fill="none"
    stroke="#22261a"
    stroke-width="3"
    stroke-linecap="round"
    stroke-linejoin="round"
  />
  <circle cx="23" cy="27" r="2.2" fill="#b02a22" />
</svg>
