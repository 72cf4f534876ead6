<script lang="ts">
  /** A clock face: a track for each pot and appliance with a clock, the minute hand as now. */
  import type { Kitchen } from '$core/kitchen';
  import { isPast, placeName, type LiveStep } from '$core/run';
  import Textures from '$lib/ui/timeline/textures.svelte';
  import { angleOf, arcOf, badgesOf, pointAt } from './dial';

  interface Props {
    steps: readonly LiveStep[];
    kitchen: Kitchen;
    now: number;
    readyAt: number;
    /** A moment as a time of day. */
    clock: (at: number) => string;
    /** Minutes by which the zone's minute hand is ahead of UTC's. */
    shift: number;
  }
  let { steps, kitchen, now, readyAt, clock, shift }: Props = $props();

  const R = 150;
  const WIDTH = 24;
  const MOST_RINGS = 4;
  const HOUR = 3_600_000;
  const litres = $derived(new Map(kitchen.cookers.map((c) => [c.id, c.litres])));
  const units = $derived([...new Set(steps.flatMap((s) => s.operation.unit ?? []))]);
  /** Those with something that goes on or comes within the hour; the largest pot outermost. */
  const rings = $derived(
    units
      .map((unit) => ({
        unit,
        name: placeName(unit, kitchen) ?? unit,
        own: steps.filter(
          (s) =>
            s.operation.unit === unit &&
            s.operation.phase !== 'rinse' &&
            !isPast(s) &&
            s.end > now &&
            s.start < now + HOUR,
        ),
      }))
      .filter((r) => r.own.length > 0)
      .sort((a, b) => (litres.get(b.unit) ?? 0) - (litres.get(a.unit) ?? 0))
      .slice(0, MOST_RINGS)
      .map((ring, i) => ({ ...ring, radius: R - 22 - i * (WIDTH + 4) })),
  );
  const badges = $derived(badgesOf(rings.map((r) => r.name)));
  const arcs = $derived(
    rings.flatMap(({ own, radius }) =>
      own.flatMap((s) => arcOf(s, { radius, width: WIDTH, now, shift }) ?? []),
    ),
  );
  const hand = $derived(pointAt(angleOf(now, shift), R - 4));
  const served = $derived(
    readyAt > now && readyAt - now < HOUR ? pointAt(angleOf(readyAt, shift), R) : null,
  );
  /** The next thing that happens on each ring. */
  const events = $derived(
    rings.map(({ name, own }) => {
      const step = own.find((s) => s.status === 'running') ?? own[0];
      if (!step) return name;
      const what =
        step.status === 'running'
          ? `${step.tap.toLowerCase()} at ${clock(step.end)}`
          : `from ${clock(step.start)}`;
      return `${name}: ${step.operation.dishName}, ${what}`;
    }),
  );
  const label = $derived([`Dial, ${clock(now)}`, ...events].join('. '));
</script>

<svg
  viewBox="-186 -186 372 372"
  class="mx-auto w-full max-w-md print:max-w-[16cm]"
  role="img"
  aria-label={label}
>
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
  {#each rings as { unit, radius } (unit)}
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
  {#each rings as { unit, radius }, i (unit)}
    {@const [x, y] = pointAt(angleOf(now, shift) - 13 / radius, radius)}
    <circle cx={x} cy={y} r="10" fill="var(--ink)" />
    <text {x} y={y + 4} text-anchor="middle" fill="var(--paper)" class="text-[12px] font-bold"
      >{badges[i]}</text
    >
  {/each}
  <circle r="40" fill="var(--salt)" stroke="var(--ink)" stroke-width="2" />
  <text y="7" text-anchor="middle" class="fill-ink font-head text-[22px] font-extrabold"
    >{clock(now)}</text
  >
</svg>
{#if rings.length > 0}
  <ul class="mt-2 grid gap-1 text-[15px]" aria-label="The rings">
    {#each rings as { unit }, i (unit)}
      <li class="flex gap-2">
        <span
          class="grid size-6 flex-none place-items-center rounded-full bg-ink text-sm font-bold text-paper"
          aria-hidden="true">{badges[i]}</span
        >{events[i]}
      </li>
    {/each}
  </ul>
{/if}
