<script lang="ts">
  /** What the shapes of the timeline mean, one tap away: each with its word. */
  import Shapes from '@lucide/svelte/icons/shapes';

  const id = $props.id();
  const SHAPES = [
    { key: 'hands', words: 'somebody works: cut, brown, stir, lid on' },
    { key: 'up', words: 'coming to pressure' },
    { key: 'hold', words: 'at pressure' },
    { key: 'down', words: 'pressure falls: slowly by itself, steeply by the valve' },
    { key: 'alone', words: 'cooks by itself, without pressure' },
    { key: 'soft', words: 'how much later it may end, one evening in ten' },
    { key: 'wait', words: 'ready, and kept warm in its pot' },
    { key: 'hand', words: 'goes from one dish into another' },
    { key: 'table', words: 'on the table' },
  ] as const;
</script>

<button type="button" class="btn min-h-9 btn-quiet px-2.5 text-[15px]" popovertarget={id}
  ><Shapes size={17} aria-hidden="true" />What the shapes mean</button
>
<div popover {id} class="menu w-[min(24rem,92vw)] p-4">
  <ul class="grid gap-2.5">
    {#each SHAPES as { key, words } (key)}
      <li class="grid grid-cols-[3.5rem_1fr] items-center gap-3">
        <svg viewBox="0 0 56 26" class="h-[26px] w-14" aria-hidden="true">
          {#if key === 'hands'}<rect
              x="4"
              y="4"
              width="48"
              height="22"
              rx="3"
              fill="var(--ember)"
            />
          {:else if key === 'up'}<path
              d="M2 25C24 25 30 2 54 2V25Z"
              fill="url(#tex-brine)"
              stroke="var(--brine)"
            />
          {:else if key === 'hold'}<rect x="2" y="2" width="52" height="23" fill="var(--olive)" />
          {:else if key === 'down'}<path
              d="M2 2C24 2 30 25 54 25H2Z"
              fill="url(#tex-leaf)"
              stroke="var(--leaf-ink)"
            />
          {:else if key === 'alone'}<rect
              x="2"
              y="3"
              width="52"
              height="22"
              rx="3"
              fill="var(--salt)"
              stroke="var(--line-strong)"
            />
          {:else if key === 'soft'}<rect x="2" y="2" width="52" height="23" fill="url(#tex-soft)" />
          {:else if key === 'wait'}
            <rect x="2" y="12" width="52" height="13" fill="var(--straw)" />
            <path
              d="M2 18q6.5 -6 13 0t13 0t13 0t13 0"
              fill="none"
              stroke="var(--straw-ink)"
              stroke-width="1.5"
            />
          {:else if key === 'hand'}<path
              d="M6 4V18H46"
              fill="none"
              stroke="var(--brine)"
              stroke-width="2"
              marker-end="url(#arrow)"
            />
          {:else}<path d="M28 0V26" stroke="var(--pimento)" stroke-width="2.5" />{/if}
        </svg>
        <span>{words}</span>
      </li>
    {/each}
  </ul>
</div>
