<script lang="ts">
  /** Minutes and settings of one stage, by its kind. */
  import type { ReleaseChoice, Stage } from '$core/dish';

  interface Props {
    stage: Stage;
    number: number;
  }
  let { stage = $bindable(), number }: Props = $props();

  function setRelease(kind: string): void {
    if (stage.kind !== 'pressure') return;
    const choices: Record<string, ReleaseChoice> = {
      natural: { kind: 'natural' },
      quick: { kind: 'quick' },
      timed: { kind: 'timed', minutes: 10 },
    };
    stage.release = choices[kind] ?? stage.release;
    if (stage.orRelease) setOther(true);
  }
  function setRest(where: string): void {
    if (stage.kind !== 'rest') return;
    stage.inCooker = where === 'pot' ? true : undefined;
    stage.chilled = where === 'fridge' ? true : undefined;
  }
  /** At even parts of its time. */
  function setTurns(times: number, text = 'Turn it'): void {
    stage.turns =
      times > 0
        ? Array.from({ length: times }, (_, i) => ({
            text: text.trim() || 'Turn it',
            at: (i + 1) / (times + 1),
          }))
        : undefined;
  }
  const isLeftAlone = $derived(
    stage.kind === 'oven' ||
      stage.kind === 'crisp' ||
      ((stage.kind === 'simmer' || stage.kind === 'burner') && !stage.attended),
  );
  function setOther(isAllowed: boolean): void {
    if (stage.kind !== 'pressure') return;
    stage.orRelease = isAllowed
      ? { kind: stage.release.kind === 'quick' ? 'natural' : 'quick' }
      : undefined;
  }
</script>

<div class="flex flex-wrap items-center gap-2">
  {#if stage.kind === 'pressure'}
    <select class="field w-28" aria-label="Pressure of stage {number}" bind:value={stage.level}>
      <option value="low">low</option><option value="high">high</option><option value="max"
        >highest</option
      >
    </select>
    <input
      class="field w-20"
      type="number"
      min="0"
      aria-label="Pressure time of stage {number}, minutes"
      placeholder="–"
      bind:value={
        () => (stage.kind === 'pressure' && !stage.guessed ? stage.holdMinutes : null),
        (minutes) => {
          if (stage.kind !== 'pressure') return;
          stage.holdMinutes = minutes as number;
          stage.guessed = undefined;
        }
      }
    />
    <span class="text-muted">min, or</span>
    <input
      class="field w-20"
      type="number"
      min="0"
      step="any"
      placeholder="–"
      aria-label="Minutes for each pound in stage {number}"
      bind:value={
        () => (stage.kind === 'pressure' ? (stage.minutesPerLb ?? null) : null),
        (perLb) => {
          if (stage.kind === 'pressure') stage.minutesPerLb = perLb ?? undefined;
        }
      }
    />
    {#if stage.minutesPerLb !== undefined}
      <span class="text-muted">min a pound and</span>
      <input
        class="field w-20"
        type="number"
        min="0"
        placeholder="–"
        aria-label="Minutes on top of those by weight in stage {number}"
        bind:value={
          () => (stage.kind === 'pressure' ? (stage.minutesOnTop ?? null) : null),
          (more) => {
            if (stage.kind === 'pressure') stage.minutesOnTop = more ?? undefined;
          }
        }
      />
      <span class="text-muted">min on top, then</span>
    {:else}
      <span class="text-muted">min a pound, then</span>
    {/if}
    <select
      class="field w-56"
      aria-label="Release of stage {number}"
      value={stage.release.kind}
      onchange={(e) => setRelease(e.currentTarget.value)}
    >
      <option value="natural">natural release</option>
      <option value="timed">natural release, then quick</option>
      <option value="quick">quick release</option>
    </select>
    {#if stage.release.kind === 'timed'}
      <input
        class="field w-20"
        type="number"
        min="1"
        aria-label="Natural release of stage {number}, minutes"
        bind:value={stage.release.minutes}
      />
      <span class="text-muted">min</span>
    {/if}
    <label class="flex min-h-11 items-center gap-2"
      ><input
        type="checkbox"
        class="tick"
        checked={stage.orRelease !== undefined}
        onchange={(e) => setOther(e.currentTarget.checked)}
      />{stage.release.kind === 'quick' ? 'natural' : 'quick'} release does as well</label
    >
  {:else}
    <input
      class="field w-20"
      type="number"
      min="0"
      aria-label="Minutes of stage {number}"
      bind:value={stage.minutes}
    />
    <span class="text-muted">min</span>
    {#if stage.kind === 'oven' || stage.kind === 'crisp'}
      <span class="text-muted">at</span>
      <input
        class="field w-24"
        type="number"
        aria-label="Heat of stage {number}, °C"
        bind:value={stage.celsius}
      />
      <span class="text-muted">°C</span>
    {/if}
    {#if stage.kind === 'slow'}
      <select
        class="field w-28"
        aria-label="Slow setting of stage {number}"
        bind:value={stage.setting}
        ><option value="low">low</option><option value="high">high</option></select
      >
    {/if}
    {#if stage.kind === 'soak'}
      <span class="text-muted">at least, at most</span>
      <input
        class="field w-24"
        type="number"
        min="1"
        placeholder="–"
        aria-label="Longest time of stage {number}, minutes"
        bind:value={
          () => (stage.kind === 'soak' ? (stage.maxMinutes ?? null) : null),
          (most) => {
            if (stage.kind === 'soak') stage.maxMinutes = most ?? undefined;
          }
        }
      />
      <span class="text-muted">min</span>
    {/if}
    {#if stage.kind === 'rest'}
      <select
        class="field w-56"
        aria-label="Where stage {number} rests"
        value={stage.inCooker ? 'pot' : stage.chilled ? 'fridge' : 'board'}
        onchange={(e) => setRest(e.currentTarget.value)}
      >
        <option value="board">on the board or plate</option>
        <option value="pot">in the pot, heat off</option>
        <option value="fridge">in the fridge</option>
      </select>
    {/if}
    {#if isLeftAlone}
      <span class="text-muted">and</span>
      <select
        class="field w-40"
        aria-label="How often something is done in stage {number}"
        value={String(stage.turns?.length ?? 0)}
        onchange={(e) => setTurns(Number(e.currentTarget.value), stage.turns?.[0]?.text)}
      >
        <option value="0">left alone</option>
        {#each [1, 2, 3, 4, 5, 6] as times (times)}
          <option value={String(times)}
            >{times === 1 ? 'once, halfway' : times === 2 ? 'twice' : `${times} times`}</option
          >
        {/each}
      </select>
      {#if stage.turns}
        <input
          class="field w-40"
          aria-label="What is done in the middle of stage {number}"
          value={stage.turns[0]?.text ?? ''}
          onchange={(e) => setTurns(stage.turns?.length ?? 0, e.currentTarget.value)}
        />
      {/if}
    {/if}
    {#if stage.kind === 'prep' || stage.kind === 'soak'}
      <label class="flex min-h-11 items-center gap-2"
        ><input
          type="checkbox"
          class="tick"
          checked={stage.ahead ?? false}
          onchange={(e) => (stage.ahead = e.currentTarget.checked || undefined)}
        />may be done the day before</label
      >
    {/if}
    {#if stage.kind === 'prep'}
      <label class="flex min-h-11 items-center gap-2"
        ><input
          type="checkbox"
          class="tick"
          checked={stage.justInTime ?? false}
          onchange={(e) => (stage.justInTime = e.currentTarget.checked || undefined)}
        />not before it is needed</label
      >
    {/if}
    {#if stage.kind === 'simmer' || stage.kind === 'burner'}
      <label class="flex min-h-11 items-center gap-2"
        ><input type="checkbox" class="tick" bind:checked={stage.attended} />needs somebody</label
      >
    {/if}
  {/if}
</div>
