<script lang="ts">
  import { heatOf, onTop, type Stage } from '$core/dish';
  import { retime } from '$core/recipe';
  import { formatMinutes } from '$core/units';
  import { sayHeat } from '$core/words';
  import { STAGE_NAMES } from './new-stage';
  import type { CardPlace } from './places';
  import { fallPath, risePath } from '$lib/ui/timeline/geometry';

  interface Props {
    stage: Stage;
    scale: 'C' | 'F';
    /** Minutes of come-up and release in the cooker shown; null where it is not known. */
    cycle: { comeUp: number; release: number } | null;
    minutes: number;
    cookerName: string | null;
    /** Address of Answers with this stage's question; null where it has none. */
    benchHref: string | null;
    /** Where it came from is pointed at. */
    isPointed?: boolean;
    onpoint?: (isOn: boolean) => void;
    /** Its minutes at pressure are not told yet. */
    isUntold?: boolean;
    /** Its number, and what it waits for where that is not the one before it. */
    place?: CardPlace | null;
  }
  let {
    stage,
    scale,
    cycle,
    minutes,
    cookerName,
    benchHref,
    isPointed = false,
    onpoint,
    isUntold: isAsked = false,
    place = null,
  }: Props = $props();

  const waits = $derived(
    !place?.after
      ? ''
      : place.after.length === 0
        ? 'begins on its own'
        : `after ${place.after.join(' and ')}`,
  );

  const isUntold = $derived(isAsked || (stage.kind === 'pressure' && stage.guessed === true));
  const isHands = $derived(
    ['prep', 'brown', 'loosen', 'thicken', 'finish'].includes(stage.kind) ||
      ((stage.kind === 'simmer' || stage.kind === 'burner') && stage.attended),
  );
  const letGo = $derived(
    stage.kind !== 'pressure'
      ? ''
      : stage.release.kind === 'natural'
        ? 'natural release'
        : stage.release.kind === 'quick'
          ? 'quick release'
          : `${stage.release.minutes} min natural release, then quick`,
  );
  const perPound = $derived(
    stage.kind === 'pressure' && stage.minutesPerLb !== undefined
      ? ` (${stage.minutesPerLb} min a pound${onTop(stage)})`
      : '',
  );
  const orElse = $derived(
    stage.kind !== 'pressure' || !stage.orRelease
      ? ''
      : stage.orRelease.kind === 'quick'
        ? ', or quick release'
        : ', or natural release',
  );
  const setting = $derived(
    stage.kind === 'slow' ? ` on ${stage.setting}` : sayHeat(heatOf(stage), scale),
  );
  /** The sentence carries the minutes that are shown. */
  const text = $derived(
    stage.kind === 'pressure'
      ? isUntold
        ? stage.text
        : retime(stage.text, null, stage.holdMinutes)
      : stage.guessed
        ? stage.text
        : retime(stage.text, stage.minutes, Math.round(minutes)),
  );
  /** Silhouette: the cycle across 240 px. */
  const total = $derived(
    stage.kind === 'pressure' && cycle ? cycle.comeUp + stage.holdMinutes + cycle.release : 1,
  );
  const axis = $derived({ from: 0, to: total, left: 2, right: 238 });
</script>

<div
  class="flex shrink-0 flex-col card p-4 {stage.kind === 'pressure'
    ? 'w-[272px]'
    : 'w-40'} {isPointed ? 'bg-leaf-soft' : ''}"
  role="presentation"
  onpointerenter={() => onpoint?.(true)}
  onpointerleave={() => onpoint?.(false)}
>
  <div class="flex h-14 items-end">
    {#if stage.kind === 'pressure' && cycle}
      {@const up = cycle.comeUp}
      {@const end = up + stage.holdMinutes}
      <svg width="240" height="54" viewBox="0 0 240 54" aria-hidden="true">
        <defs>
          <pattern
            id="card-brine-{stage.id}"
            width="7"
            height="7"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
            ><rect width="7" height="7" fill="var(--brine-soft)" /><line
              x1="1.5"
              x2="1.5"
              y2="7"
              stroke="var(--brine)"
              stroke-width="1.8"
              opacity=".65"
            /></pattern
          >
          <pattern id="card-leaf-{stage.id}" width="6" height="6" patternUnits="userSpaceOnUse"
            ><rect width="6" height="6" fill="var(--leaf)" /><circle
              cx="1.5"
              cy="1.5"
              r="1"
              fill="var(--leaf-ink)"
            /><circle cx="4.5" cy="4.5" r="1" fill="var(--leaf-ink)" /></pattern
          >
        </defs>
        <path
          d={risePath(axis, 0, up, 52, 6)}
          fill="url(#card-brine-{stage.id})"
          stroke="var(--brine)"
        />
        <rect
          x={2 + (up / total) * 236}
          y="6"
          width={Math.max(2, (stage.holdMinutes / total) * 236)}
          height="46"
          fill="var(--olive)"
        />
        <path
          d={fallPath(axis, end, total, 52, 6, stage.release.kind === 'quick')}
          fill="url(#card-leaf-{stage.id})"
          stroke="var(--leaf-ink)"
        />
        <line x1="0" x2="240" y1="52.5" y2="52.5" stroke="var(--line-strong)" />
      </svg>
    {:else}
      <div class="w-full border-b border-line-strong">
        <div
          class="h-5 rounded-t {isHands
            ? 'bg-ember'
            : stage.kind === 'rest'
              ? 'bg-straw'
              : stage.kind === 'soak'
                ? 'bg-brine-soft'
                : 'border border-ember'}"
          style:width="{Math.min(100, 18 + minutes * 3.5)}%"
        ></div>
      </div>
    {/if}
  </div>
  {#if place}
    <p class="mt-2 text-sm text-muted">
      Step {place.number}{#if waits}, <b class="text-leaf-ink">{waits}</b>{/if}
    </p>
  {/if}
  <p class="{place ? '' : 'mt-2'} flex flex-wrap justify-between gap-x-2 font-bold">
    <span>{STAGE_NAMES[stage.kind]}</span>{#if isHands}<span
        class="text-sm whitespace-nowrap text-ember-ink">hands-on</span
      >{/if}
  </p>
  <p class="text-[15px] text-muted">
    {#if stage.kind === 'pressure'}
      {#if isUntold}<span class="block text-sm text-ember-ink"
          >for how long is not told{isAsked ? ': it is asked above' : ''}</span
        >{/if}{isUntold ? '' : `${stage.holdMinutes} min `}{stage.level}{perPound}, {letGo}{orElse}{#if cycle}<br
        />{cycle.comeUp} min to pressure, {cycle.release}
        min to release in the {cookerName}{/if}
    {:else}
      {stage.guessed ? 'about ' : ''}{formatMinutes(
        minutes,
      )}{#if stage.kind === 'soak' && stage.maxMinutes !== undefined}, at most {formatMinutes(
          stage.maxMinutes,
        )}{/if}{setting}{#if stage.kind === 'rest' && stage.inCooker}, in the pot, heat off{/if}{#if stage.kind === 'rest' && stage.chilled},
        in the fridge{/if}{#if stage.ahead}, the day before if you like{/if}{#if stage.justInTime},
        just before it is needed{/if}{#if stage.guessed}<span class="block text-sm text-ember-ink"
          >{stage.kind === 'prep' ? 'by its amounts' : 'a guess'}: the recipe gives no time</span
        >{/if}
    {/if}
  </p>
  <p class="mt-1.5 text-[15px]">
    {(stage.checks ?? []).reduce((told, check) => told.replace(check.text, '').trim(), text)}
  </p>
  {#each stage.turns ?? [] as turn, i (i)}
    <p class="mt-1.5 text-[15px]">
      <b>{turn.text}</b>
      <span class="text-muted">after {formatMinutes(Math.round(minutes * turn.at))}</span>
    </p>
  {/each}
  {#each stage.checks ?? [] as check, i (i)}
    <p class="mt-1.5 text-[15px]">
      <b>Check:</b>
      {check.text}
      {#if !/\d/.test(check.text)}<span class="text-muted"
          >(if not, {formatMinutes(check.minutes)} more)</span
        >{/if}
    </p>
  {/each}
  {#if benchHref}
    <a href={benchHref} class="mt-auto pt-2 text-sm font-semibold text-leaf-ink underline"
      >Look this time up in Answers</a
    >
  {/if}
</div>
