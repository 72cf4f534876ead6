<script lang="ts">
  /** What does not happen on most evenings: guests, a pot that fails, something missing, a dish more or less. */
  import type { Kitchen } from '$core/kitchen';
  import { OVEN_UNIT } from '$core/plan';
  import { isPast, type LiveState, type RunEvent } from '$core/run';
  import AddDishHere from './add-dish-here.svelte';
  import type { EveningState } from './evening-state.svelte';
  import MinutesChips from './minutes-chips.svelte';
  import Missing from './missing.svelte';

  interface Props {
    live: EveningState;
    fold: LiveState;
    kitchen: Kitchen;
    servings: number;
    /** What was tapped last on this screen, and can be taken back. */
    lastTap: RunEvent | undefined;
    /** Whether single keys do something here. */
    hasKeys: boolean;
  }
  let { live, fold, kitchen, servings, lastTap, hasKeys }: Props = $props();

  const MINUTE = 60_000;
  const REST_OF_EVENING = 720;
  const dishes = $derived([
    ...new Map(fold.steps.map((s) => [s.operation.entryId, s.operation.dishName])),
  ]);
  /** What the rest of the evening counts on, and what could fail. */
  const units = $derived(
    [...kitchen.cookers, ...kitchen.appliances, { id: OVEN_UNIT, name: 'Oven' }].filter((u) =>
      fold.steps.some((s) => s.operation.unit === u.id && !isPast(s)),
    ),
  );
  let open = $state('');
  const sections = $derived([
    { id: 'guests', name: 'Guests later or sooner' },
    { id: 'away', name: fold.plan.hands > 1 ? 'A cook is away' : 'I am away' },
    { id: 'lost', name: 'A pot or the oven fails' },
    { id: 'missing', name: 'Something is missing' },
    { id: 'more', name: 'A dish more' },
    { id: 'out', name: 'Leave a dish out' },
    ...(lastTap ? [{ id: 'tap', name: 'The last tap' }] : []),
  ]);

  function say(tap: Parameters<EveningState['tap']>[0]): void {
    live.tap(tap);
    open = '';
  }

  /** What is in it goes on elsewhere: which stays those are is told with it. */
  function fails(unit: string): void {
    const begun = fold.steps.filter(
      (s) => s.operation.unit === unit && s.status !== 'ahead' && s.status !== 'due',
    );
    const isOpen = (stay: string | null): boolean =>
      fold.steps.some(
        (s) => s.operation.stay === stay && s.operation.phase !== 'rinse' && !isPast(s),
      );
    const stays = [...new Set(begun.map((s) => s.operation.stay))].filter(isOpen);
    say({ kind: 'lost', unit, stays: stays.flatMap((stay) => stay ?? []) });
  }

  /** “It beeped four minutes ago.” */
  function earlier(tap: RunEvent, minutes: number): void {
    say({ kind: 'corrected', of: tap.id, to: Math.round(tap.at - minutes * MINUTE) });
  }
</script>

<section aria-labelledby="else" class="print:hidden">
  <h2 id="else" class="mb-2 text-lg font-bold">Something else</h2>
  <div class="flex flex-wrap gap-2">
    <button
      type="button"
      class="btn min-h-14"
      onclick={() => live.tap({ kind: fold.isPaused ? 'resumed' : 'paused' })}
      >{fold.isPaused ? 'Go on' : 'Pause'}</button
    >
    {#each sections as { id, name } (id)}
      <button
        type="button"
        class="btn min-h-14"
        aria-expanded={open === id}
        onclick={() => (open = open === id ? '' : id)}>{name}</button
      >
    {/each}
  </div>
  {#if open}
    <div class="mt-3 grid gap-3 card p-4">
      {#if open === 'guests'}
        <p>Counted from the time that is shown above. What has not begun moves with the table.</p>
        <MinutesChips
          label="Guests later"
          unit="min later"
          chips={[10, 15, 30]}
          onpick={(minutes) => say({ kind: 'guests', minutes })}
        />
        <MinutesChips
          label="Guests sooner"
          unit="min sooner"
          chips={[10, 15, 30]}
          most={120}
          onpick={(minutes) => say({ kind: 'guests', minutes: -minutes })}
        />
      {:else if open === 'away'}
        <MinutesChips
          label="Away"
          chips={[5, 10, 20]}
          onpick={(minutes) => say({ kind: 'away', minutes })}
        />
        {#if fold.plan.hands > 1}
          <button
            type="button"
            class="btn min-h-14 justify-self-start"
            onclick={() => say({ kind: 'away', minutes: REST_OF_EVENING })}
            >One cook less from now on</button
          >
        {/if}
      {:else if open === 'lost'}
        {#if units.length === 0}
          <p>No pot and no oven is needed any more.</p>
        {:else}
          <p>
            What is in it goes on in another pot that takes it. The minutes that it has had count
            where somebody tapped when they began; if the pot was dead for a while, give it more.
            Release the pressure as the cooker’s manual says before you open it.
          </p>
          <div class="flex flex-wrap gap-2">
            {#each units as unit (unit.id)}
              <button type="button" class="btn min-h-14" onclick={() => fails(unit.id)}
                >{unit.name} fails</button
              >
            {/each}
          </div>
        {/if}
      {:else if open === 'missing'}
        <Missing {fold} onmissing={(missing) => say({ kind: 'without', ...missing })} />
      {:else if open === 'more'}
        <AddDishHere {live} {servings} onadded={() => (open = '')} />
      {:else if open === 'out'}
        <div class="flex flex-wrap gap-2">
          {#each dishes as [entry, name] (entry)}
            <button
              type="button"
              class="btn min-h-14"
              onclick={() => say({ kind: 'dropped', entry })}>{name}</button
            >
          {/each}
        </div>
      {:else if open === 'tap' && lastTap}
        <button
          type="button"
          class="btn min-h-14 justify-self-start"
          onclick={() => say({ kind: 'undone', of: lastTap.id })}>Take back the last tap</button
        >
        {#if lastTap.kind === 'done' || lastTap.kind === 'started'}
          <MinutesChips
            label="It was earlier"
            unit="min ago"
            chips={[2, 4, 8]}
            onpick={(minutes) => earlier(lastTap, minutes)}
          />
        {/if}
      {/if}
    </div>
  {/if}
  {#if hasKeys}
    <p class="mt-2 text-sm text-muted">
      Keys: <kbd>d</kbd> done, <kbd>b</kbd> begun, <kbd>m</kbd> 3 min more, <kbd>u</kbd> take back,
      <kbd>p</kbd> pause.
    </p>
  {/if}
</section>
