<script lang="ts">
  /** A dish more while the others cook: chosen from the household’s own, for so many. */
  import { onMount, untrack } from 'svelte';
  import type { DishRef } from '$core/dish';
  import { freshId } from '$lib/client/fresh-id';
  import type { EveningState } from './evening-state.svelte';

  interface Props {
    live: EveningState;
    servings: number;
    onadded: () => void;
  }
  let { live, servings, onadded }: Props = $props();

  interface Pick {
    dish: DishRef;
    name: string;
  }
  const MOST_SHOWN = 8;
  let picks = $state.raw<Pick[] | null>(null);
  let find = $state('');
  let people = $state(untrack(() => String(servings)));
  let problem = $state('');
  let isAdding = $state(false);
  const address = $derived(`/api/evenings/${live.evening.id}/dishes`);
  const found = $derived(
    (picks ?? []).filter((p) => p.name.toLowerCase().includes(find.trim().toLowerCase())),
  );

  onMount(async () => {
    try {
      const response = await fetch(address);
      if (!response.ok) throw new Error(String(response.status));
      picks = ((await response.json()) as { picks: Pick[] }).picks;
    } catch {
      problem = 'A dish more needs the server, and it does not answer; try again once it is back.';
    }
  });

  async function add({ dish }: Pick): Promise<void> {
    isAdding = true;
    problem = '';
    try {
      const response = await fetch(address, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ id: freshId(), by: live.by, dish, servings: Number(people) }),
      });
      const body = (await response.json()) as { message?: string };
      if (response.ok) onadded();
      else problem = body.message ?? 'Not taken in.';
    } catch {
      problem = 'The server does not answer; try again once it is back.';
    } finally {
      isAdding = false;
    }
  }
</script>

{#if picks === null && !problem}
  <p role="status">Looking for dishes…</p>
{:else if picks}
  <div class="flex flex-wrap gap-3">
    <label class="grid min-w-40 flex-1 gap-1">
      <span>Find a dish</span>
      <input class="field min-h-14" bind:value={find} />
    </label>
    <label class="grid w-28 gap-1">
      <span>People</span>
      <input class="field min-h-14" inputmode="decimal" bind:value={people} />
    </label>
  </div>
  {#if found.length === 0}<p>No dish has that in its name.</p>{/if}
  <ul class="flex flex-wrap gap-2">
    {#each found.slice(0, MOST_SHOWN) as pick (JSON.stringify(pick.dish))}
      <li>
        <button
          type="button"
          class="btn min-h-14 whitespace-normal"
          disabled={isAdding}
          onclick={() => add(pick)}>{pick.name}</button
        >
      </li>
    {/each}
  </ul>
  {#if found.length > MOST_SHOWN}
    <p class="text-muted">{found.length - MOST_SHOWN} more: type a part of the name.</p>
  {/if}
{/if}
{#if problem}<p role="alert" class="text-pimento">{problem}</p>{/if}
