<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Stage } from '$core/dish';
  import type { CardPlace } from './places';

  interface Props {
    stages: readonly Stage[];
    places: ReadonlyMap<string, CardPlace>;
    card: Snippet<[Stage, CardPlace | null]>;
    empty: string;
  }
  let { stages, places, card, empty }: Props = $props();

  /** A card and the gap behind it, as in `stage-card.svelte`. */
  const CARD_PX = 172;
  const CYCLE_PX = 284;
  let width = $state(0);

  /** How wide the cards are where branches lie in rows of their own. */
  const needed = $derived.by(() => {
    const columns: number[] = [];
    for (const stage of stages) {
      const column = places.get(stage.id)?.column ?? 0;
      const own = stage.kind === 'pressure' ? CYCLE_PX : CARD_PX;
      columns[column] = Math.max(columns[column] ?? 0, own);
    }
    return columns.reduce((sum, px) => sum + px, 0);
  });
  /** Side by side where all of them are in sight at once; else in reading order, and each says what it waits for. */
  const isDrawn = $derived(places.size > 0 && needed <= width);
</script>

<!-- On a phone they lie in one row that is pushed along. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<ol
  bind:clientWidth={width}
  class="gap-3 overflow-x-auto pb-3 {isDrawn
    ? 'grid auto-cols-max justify-start'
    : 'flex items-stretch sm:flex-wrap'}"
  tabindex="0"
  aria-label="Stages in order"
>
  {#each stages as stage (stage.id)}
    {@const place = places.get(stage.id) ?? null}
    <li
      class="flex"
      style:grid-row={isDrawn && place ? place.lane + 1 : undefined}
      style:grid-column={isDrawn && place ? place.column + 1 : undefined}
    >
      {@render card(stage, place)}
    </li>
  {:else}
    <li class="card border-dashed p-5 text-muted">{empty}</li>
  {/each}
</ol>
