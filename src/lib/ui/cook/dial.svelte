<script lang="ts">
  /** A clock face: a track for each pot, outermost the largest, the minute hand as now. */
  import type { Cooker } from '$core/kitchen';
  import type { LiveStep } from '$core/run';
  import Textures from '$lib/ui/timeline/textures.svelte';
  import { angleOf, arcOf, pointAt } from './dial';

  interface Props {
    steps: readonly LiveStep[];
    cookers: readonly Cooker[];
    now: number;
    readyAt: number;
    /** What time it is, in words. */
    clock: string;
    /** Minutes by which the zone's minute hand is ahead of UTC's. */
    shift: number;
  }
  let { steps, cookers, now, readyAt, clock, shift }: Props = $props();

  const R = 150;
  const WIDTH = 24;
  const rings = $derived(
    [...cookers]
      .sort((a, b) => b.litres - a.litres)
      .map((cooker, i) => ({ cooker, radius: R - 22 - i * (WIDTH + 7) })),
  );
  const arcs = $derived(
    rings.flatMap(({ cooker, radius }) =>
      steps
        .filter((s) => s.operation.unit === cooker.id && s.status !== 'done')
        .flatMap((s) => arcOf(s, { radius, width: WIDTH, now, shift }) ?? []),
    ),
  );
  const hand = $derived(pointAt(angleOf(now, shift), R - 4));
  const served = $derived(
    readyAt > now && readyAt - now < 3_600_000 ? pointAt(angleOf(readyAt, shift), R) : null,
  );
</script>

<svg viewBox="-186 -186 372 372" class="w-full max-w-md" role="img" aria-label="Dial, {clock}">
  <Textures />
  <circle r={R + 8} fill="var(--salt)" stroke="var(--ink)" stroke-width="3" />
  {#each { length: 60 } as _, minute (minute)}
    {@const a = (minute / 60) * 2 * Math.PI}
    {@const [x0, y0] = pointAt(a, R + 4)}
    {@const [x1, y1] = pointAt(a, minute % 5 === 0 ? R - 6 : R)}
    <line
      x1={x0}
      y1={y0}
      x2={x1}
      y2={y1}
      stroke="var(--line-strong)"
      stroke-width={minute % 5 === 0 ? 2.5 : 1}
    />
  {/each}
  {#each { length: 12 } as _, i (i)}
    {@const [x, y] = pointAt((i / 12) * 2 * Math.PI, R + 20)}
    <text {x} y={y + 5} text-anchor="middle" class="fill-muted text-[13px] font-bold">{i * 5}</text>
  {/each}
  {#each rings as { cooker, radius } (cooker.id)}
    <circle r={radius} fill="none" stroke="var(--line)" stroke-width="2" />
  {/each}
  {#each arcs as arc (arc.key)}
    <path d={arc.path} fill={arc.fill} stroke={arc.stroke} stroke-width="1" />
  {/each}
  {#if served}
    <line
      x2={served[0]}
      y2={served[1]}
      stroke="var(--pimento)"
      stroke-width="2"
      stroke-dasharray="4 4"
    />
    <circle cx={served[0]} cy={served[1]} r="6" fill="var(--pimento)" />
  {/if}
  <line x2={hand[0]} y2={hand[1]} stroke="var(--ink)" stroke-width="4" stroke-linecap="round" />
  <circle r="40" fill="var(--salt)" stroke="var(--ink)" stroke-width="2" />
  <text y="7" text-anchor="middle" class="fill-ink font-head text-[22px] font-extrabold"
    >{clock}</text
  >
</svg>
