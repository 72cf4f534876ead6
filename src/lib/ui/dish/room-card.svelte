<script lang="ts">
  /** How much each cooker takes at once, the runs it needs otherwise, and servings from what there is. */
  import type { ScaledDish } from '$core/dish';
  import { findFood } from '$core/food';
  import type { Capacity } from '$core/cycle';
  import { convert, formatQuantity, parseQuantity, type System } from '$core/units';

  interface Props {
    rooms: readonly Capacity[];
    scaled: ScaledDish;
    system: System;
    onservings: (servings: number) => void;
  }
  let { rooms, scaled, system, onservings }: Props = $props();

  /** The heaviest main ingredient: what one has some of. */
  const main = $derived(
    scaled.ingredients
      .filter((i) => i.quantity && i.ingredient.role === 'main')
      .sort((a, b) => (b.grams ?? 0) - (a.grams ?? 0))[0],
  );
  let have = $state('');
  let problem = $state<string | null>(null);

  function useAmount(): void {
    if (!main?.quantity) return;
    const typed = parseQuantity(have);
    const density = findFood(main.ingredient.food)?.density;
    const same = typed && convert(typed, main.quantity.unit, density);
    if (!same?.ok || same.value.amount <= 0) {
      problem = `Write it as an amount: ${formatQuantity(main.quantity, system)}, or 7½ lb.`;
      return;
    }
    problem = null;
    const servings = (scaled.servings * same.value.amount) / main.quantity.amount;
    onservings(Math.max(1, Math.min(200, Math.round(servings * 10) / 10)));
  }
</script>

{#if rooms.length > 0}
  <section aria-labelledby="room">
    <h2 id="room" class="mb-2 text-xl font-bold">How much at once?</h2>
    <ul class="grid gap-1">
      {#each rooms as room, index (index)}
        <li class="flex flex-wrap items-baseline justify-between gap-x-3">
          <span
            ><b>{room.cooker}</b> takes {room.most === 0
              ? 'none of it'
              : `up to ${room.most}`}</span
          >
          {#if room.most > 0 && room.most !== scaled.servings}
            <button
              type="button"
              class="text-[15px] font-semibold text-leaf-ink underline underline-offset-4"
              onclick={() => onservings(room.most)}>fill it</button
            >
          {/if}
          {#if room.runs !== null && room.runs > 1}
            <form method="POST" action="?/plan" class="basis-full">
              <input type="hidden" name="servings" value={scaled.servings} />
              <input type="hidden" name="runs" value={room.runs} />
              <button class="text-[15px] font-semibold text-leaf-ink underline underline-offset-4"
                >plan {scaled.servings} in {room.runs} even runs</button
              >
            </form>
          {/if}
        </li>
      {/each}
    </ul>
    {#if main}
      <form
        class="mt-3 flex items-end gap-2"
        onsubmit={(e) => {
          e.preventDefault();
          useAmount();
        }}
      >
        <div class="min-w-0 flex-1">
          <label for="have" class="label">I have this much {main.ingredient.food}</label>
          <input
            id="have"
            class="field"
            placeholder="1.5 kg"
            bind:value={have}
            aria-invalid={problem !== null}
            aria-describedby={problem ? 'have-problem' : undefined}
          />
        </div>
        <button class="btn">Scale to it</button>
      </form>
      {#if problem}<p id="have-problem" class="mt-1 text-sm font-semibold text-pimento">
          {problem}
        </p>{/if}
    {/if}
  </section>
{/if}
