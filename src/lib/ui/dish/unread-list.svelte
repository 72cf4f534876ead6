<script lang="ts">
  /** Pieces of a recipe that were not read, each put where it belongs with one tap. */
  import { UNREAD_KINDS, type UnreadKind } from '$core/recipe';

  interface Props {
    pieces: readonly string[];
    ontake: (piece: string, as: UnreadKind) => void;
  }
  let { pieces, ontake }: Props = $props();

  const WORDS: Readonly<Record<UnreadKind, string>> = {
    ingredient: 'Ingredient',
    step: 'Step',
    note: 'Note',
  };
</script>

{#if pieces.length > 0}
  <section aria-labelledby="unread" class="banner banner-look">
    <h2 id="unread" class="font-bold">
      Not read: {pieces.length === 1 ? 'one piece' : `${pieces.length} pieces`} of the text
    </h2>
    <p class="text-[15px]">
      These words, times or amounts were not understood. Say what each one is; until then it stays
      here.
    </p>
    <ul class="mt-2 grid gap-2">
      {#each pieces as piece, i (i)}
        <li class="grid gap-1.5 border-t border-line-strong pt-2 first:border-0 first:pt-0">
          <p class="text-[15px] break-words">“{piece}”</p>
          <p class="flex flex-wrap gap-2">
            {#each UNREAD_KINDS as kind (kind)}
              <button
                type="button"
                class="btn"
                aria-label="{WORDS[kind]}: {piece.slice(0, 60)}"
                onclick={() => ontake(piece, kind)}>{WORDS[kind]}</button
              >
            {/each}
          </p>
        </li>
      {/each}
    </ul>
  </section>
{/if}
