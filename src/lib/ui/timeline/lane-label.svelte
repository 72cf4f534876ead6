<script lang="ts">
  import type { Lane } from './lanes';

  interface Props {
    lane: Lane;
    top: number;
    base: number;
    /** On narrow screens the name stands above its lane, without a drawing. */
    narrow: boolean;
  }
  let { lane, top, base, narrow }: Props = $props();

  /** A pot drawn at its size: the edges grow with the cube root of what it holds. */
  const size = $derived(lane.litres > 0 ? 19 * Math.cbrt(lane.litres) : 0);
</script>

{#if narrow}
  <text x="4" y={top + 14} class="fill-ink text-[13px] font-bold"
    >{lane.name}<tspan class="fill-muted font-normal">{lane.detail ? `  ${lane.detail}` : ''}</tspan
    ></text
  >
{:else}
  {#if lane.kind === 'cooker'}
    <g
      transform="translate({26 - size / 2} {base - size * 0.86})"
      fill="var(--salt)"
      stroke="var(--ink)"
      stroke-width="1.7"
      stroke-linejoin="round"
    >
      <path
        d="M0 {size * 0.12}H{size}V{size * 0.68}Q{size} {size * 0.86} {size * 0.84} {size *
          0.86}H{size * 0.16}Q0 {size * 0.86} 0 {size * 0.68}Z"
      />
      <path d="M{-size * 0.1} {size * 0.12}H{size * 1.1}" />
      <path d="M{size * 0.42} {size * 0.02}H{size * 0.58}" />
    </g>
  {:else if lane.kind === 'oven'}
    <g
      transform="translate(6 {base - 34})"
      fill="var(--salt)"
      stroke="var(--ink)"
      stroke-width="1.7"
    >
      <rect width="40" height="34" rx="4" /><rect x="7" y="10" width="26" height="16" rx="2" />
    </g>
  {:else if lane.kind === 'burner'}
    <g transform="translate(8 {base - 34})" fill="none" stroke="var(--ink)" stroke-width="1.7">
      <circle cx="17" cy="17" r="16" /><circle cx="17" cy="17" r="8" />
    </g>
  {/if}
  {#if lane.kind === 'hands'}
    <text x="120" y={base - 7} text-anchor="end" class="fill-ink text-[13px] font-bold"
      >{lane.name}</text
    >
  {:else}
    <text x="60" y={base - 16} class="fill-ink text-[14px] font-bold">{lane.name}</text>
    <text x="60" y={base} class="fill-muted text-[12px]">{lane.detail}</text>
  {/if}
{/if}
