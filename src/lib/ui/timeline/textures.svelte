<!-- Each phase has a texture of its own, so that colour is never alone. -->
<defs>
  <pattern
    id="tex-brine"
    width="7"
    height="7"
    patternUnits="userSpaceOnUse"
    patternTransform="rotate(45)"
  >
    <rect width="7" height="7" fill="var(--brine-soft)" />
    <line x1="1.5" y1="0" x2="1.5" y2="7" stroke="var(--brine)" stroke-width="1.8" opacity="0.65" />
  </pattern>
  <pattern id="tex-leaf" width="6" height="6" patternUnits="userSpaceOnUse">
    <rect width="6" height="6" fill="var(--leaf)" />
    <circle cx="1.5" cy="1.5" r="1" fill="var(--leaf-ink)" opacity="0.8" />
    <circle cx="4.5" cy="4.5" r="1" fill="var(--leaf-ink)" opacity="0.8" />
  </pattern>
  <linearGradient id="tex-soft" x1="0" x2="1">
    <stop offset="0" stop-color="var(--ink)" stop-opacity="0.28" />
    <stop offset="1" stop-color="var(--ink)" stop-opacity="0" />
  </linearGradient>
  <linearGradient id="tex-oven" x1="0" x2="1">
    <stop offset="0" stop-color="var(--ember)" stop-opacity="0.08" />
    <stop offset="1" stop-color="var(--ember)" stop-opacity="0.55" />
  </linearGradient>
  <marker
    id="arrow"
    viewBox="0 0 8 8"
    refX="7"
    refY="4"
    markerWidth="4.5"
    markerHeight="4.5"
    orient="auto"
  >
    <path d="M0 0l8 4-8 4z" fill="var(--brine)" />
  </marker>
</defs>
