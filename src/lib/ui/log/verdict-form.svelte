<script lang="ts">
  /** What the cook says of one dish: three questions with a tap each, whether again, and a note. */
  import { enhance } from '$app/forms';
  import { VERDICTS, type Verdict } from '$core/learn';
  import { formatMinutes } from '$core/units';

  interface Props {
    entryId: string;
    dishId: string;
    name: string;
    /** Minutes between ready and the table; null where they are not known. */
    waited: number | null;
    verdict: Verdict | null;
  }
  let { entryId, dishId, name, waited, verdict }: Props = $props();

  type Question = 'tenderness' | 'salt' | 'texture' | 'wait';
  const QUESTIONS = [
    ['tenderness', 'Bite'],
    ['salt', 'Salt'],
    ['texture', 'Sauce'],
  ] as const;
  /** A wait so short is none. */
  const SHORTEST_WAIT_MIN = 5;
  let form = $state<HTMLFormElement>();
  const save = (): void => form?.requestSubmit();
</script>

{#snippet asked(key: Question, title: string, long: string)}
  <fieldset class="flex flex-wrap items-center gap-1">
    <legend class="sr-only">{long}</legend>
    <span class="mr-1 text-[15px] text-muted" aria-hidden="true">{title}</span>
    {#each VERDICTS[key] as word (word)}
      <label
        class="btn min-h-11 px-3 text-[15px] has-checked:border-olive has-checked:bg-leaf-soft has-focus-visible:outline-2"
        ><input
          type="radio"
          class="sr-only"
          name={key}
          value={word}
          checked={verdict?.[key] === word}
          onchange={save}
        />{word}</label
      >
    {/each}
  </fieldset>
{/snippet}

<form
  bind:this={form}
  method="POST"
  action="?/verdict"
  use:enhance={() =>
    ({ update }) =>
      update({ reset: false })}
  class="grid gap-2 border-t border-line py-3 first:border-0"
>
  <input type="hidden" name="entry" value={entryId} />
  <input type="hidden" name="dish" value={dishId} />
  <b>{name}</b>
  <div class="flex flex-wrap gap-x-6 gap-y-2">
    {#each QUESTIONS as [key, title] (key)}{@render asked(key, title, `${title} of ${name}`)}{/each}
    <fieldset class="flex flex-wrap items-center gap-1">
      <legend class="sr-only">Cook {name} again?</legend>
      <span class="mr-1 text-[15px] text-muted" aria-hidden="true">Again</span>
      {#each [['yes', true], ['no', false]] as const as [word, value] (word)}
        <label
          class="btn min-h-11 px-3 text-[15px] has-checked:border-olive has-checked:bg-leaf-soft has-focus-visible:outline-2"
          ><input
            type="radio"
            class="sr-only"
            name="again"
            value={word}
            checked={verdict?.again === value}
            onchange={save}
          />{word}</label
        >
      {/each}
    </fieldset>
    {#if waited !== null && waited >= SHORTEST_WAIT_MIN}
      {@const minutes = formatMinutes(waited)}
      {@render asked(
        'wait',
        `It was kept warm ${minutes}`,
        `How ${name} was after ${minutes} of keeping warm`,
      )}
    {/if}
  </div>
  <label class="text-[15px] text-muted"
    >Note<input
      class="mt-0.5 field text-base text-ink"
      name="note"
      maxlength="1000"
      value={verdict?.note ?? ''}
      onchange={save}
    /></label
  >
  <noscript><button class="btn">Keep it</button></noscript>
</form>
