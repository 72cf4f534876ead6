<script lang="ts">
  import type { LaneCycle } from './cycles';
  import { fallPath, risePath, textFits, toX, type Scale } from './geometry';

  interface Props {
    cycle: LaneCycle;
    scale: Scale;
    base: number;
    /** Minutes until the next cycle in this lane begins: as far as its name may reach. */
    room: number;
    selected: string | null;
    onselect?: (stepId: string) => void;
  }
  let { cycle, scale, base, room, selected, onselect }: Props = $props();

  const HEIGHT = 42;
  const top = $derived(base - HEIGHT);
  const x = (minute: number): number => toX(scale, minute);
  const px = $derived((scale.right - scale.left) / (scale.to - scale.from));
  const nameRoom = $derived(Math.min(room * px, scale.right - x(cycle.start)) - 6);
  const name = $derived(
    textFits(cycle.dish, nameRoom)
      ? cycle.dish
      : nameRoom > 40
        ? `${cycle.dish.slice(0, Math.floor(nameRoom / 7) - 1).trim()}…`
        : '',
  );
  const holdMinutes = $derived(cycle.hold ? cycle.hold.end - cycle.hold.start : 0);
  const holdWidth = $derived(holdMinutes * px);
  const letGo = $derived(
    cycle.vent && cycle.release
      ? `${cycle.release.end - cycle.release.start} min natural, then quick`
      : cycle.vent
        ? 'quick release'
        : 'natural release',
  );
  const line = $derived(
    [`${holdMinutes} min · ${letGo}`, `${holdMinutes} min`, `${holdMinutes}`].find((t) =>
      textFits(t, holdWidth - 10),
    ) ?? '',
  );
  const isSelected = $derived(
    [cycle.up, cycle.hold, cycle.release, cycle.vent].some((p) => p?.stepId === selected),
  );
</script>

<!-- Drawn for the eye and the mouse; the schedule is the same for keyboard and screen reader. -->
<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
<g
  onclick={() => onselect?.(cycle.hold?.stepId ?? '')}
  class={onselect && 'cursor-pointer'}
  data-step={cycle.hold?.stepId ?? ''}
>
  <rect
    x={x(cycle.end)}
    y={top + 8}
    width={cycle.slack * px}
    height={HEIGHT - 8}
    fill="url(#tex-soft)"
  />
  {#if cycle.up}
    <path
      d={risePath(scale, cycle.up.start, cycle.up.end, base, top)}
      fill="url(#tex-brine)"
      stroke="var(--brine)"
      stroke-width="1.2"
    />
  {/if}
  {#if cycle.hold}
    <rect
      x={x(cycle.hold.start)}
      y={top}
      width={Math.max(2, holdWidth)}
      height={HEIGHT}
      fill="var(--olive)"
    />
  {/if}
  {#if cycle.release}
    <path
      d={fallPath(scale, cycle.release.start, cycle.release.end, base, top, false)}
      fill="url(#tex-leaf)"
      stroke="var(--leaf-ink)"
      stroke-width="1"
    />
  {/if}
  {#if cycle.vent && cycle.hold && !cycle.release && cycle.vent.start > cycle.hold.end}
    <!-- Done, and waiting under pressure until a hand is free. -->
    <rect
      x={x(cycle.hold.end)}
      y={top}
      width={x(cycle.vent.start) - x(cycle.hold.end)}
      height={HEIGHT}
      fill="url(#tex-leaf)"
    />
  {/if}
  {#if cycle.vent}
    <path
      d={fallPath(
        scale,
        cycle.vent.start,
        cycle.vent.end,
        base,
        cycle.release ? base - 14 : top,
        true,
      )}
      fill="url(#tex-leaf)"
      stroke="var(--leaf-ink)"
      stroke-width="1"
    />
  {/if}
  {#if isSelected}
    <rect
      x={x(cycle.start) - 2}
      y={top - 3}
      width={(cycle.end - cycle.start) * px + 4}
      height={HEIGHT + 6}
      rx="4"
      fill="none"
      stroke="var(--ink)"
      stroke-width="2"
    />
  {/if}
  <text x={x(cycle.start)} y={top - 6} class="fill-ink text-[13px] font-bold">{name}</text>
  {#if line}
    <text
      x={x(cycle.hold?.start ?? 0) + 6}
      y={base - 8}
      class="fill-on-olive text-[12px] font-semibold">{line}</text
    >
  {/if}
</g>
