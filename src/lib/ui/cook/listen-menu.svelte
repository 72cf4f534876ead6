<script lang="ts">
  /** How this screen makes itself heard, whose it is, and the way out: behind one button, kept on the screen. */
  import Ellipsis from '@lucide/svelte/icons/ellipsis';
  import type { Cook } from '$core/run';
  import { askForNotices, sound, unlockSound } from './alarms';
  import type { Listening } from './listening.svelte';

  interface Props {
    listening: Listening;
    cooks: readonly Cook[];
    /** Position among the cooks; null: everybody’s. */
    me: number | null;
    onme: (own: number | null) => void;
  }
  let { listening, cooks, me, onme }: Props = $props();

  const id = $props.id();

  function turnSound(): void {
    unlockSound();
    listening.set('sound', !listening.sound);
    if (listening.sound) setTimeout(() => sound(0), 100);
  }
  async function turnNotices(): Promise<void> {
    listening.set('notices', !listening.notices && (await askForNotices()));
  }
  const switches = $derived([
    { name: 'Sound', isOn: listening.sound, turn: turnSound },
    {
      name: 'Voice',
      isOn: listening.voice,
      turn: () => listening.set('voice', !listening.voice),
    },
    ...(listening.canNotify
      ? [{ name: 'Notices', isOn: listening.notices, turn: turnNotices }]
      : []),
    {
      name: 'Single keys',
      isOn: listening.keys,
      turn: () => listening.set('keys', !listening.keys),
    },
  ]);
</script>

<button
  type="button"
  class="btn min-h-14 min-w-14 px-3 print:hidden"
  popovertarget={id}
  aria-label="This screen: sound, voice, leaving"
>
  <Ellipsis size={24} aria-hidden="true" />
</button>
<div
  {id}
  popover
  role="dialog"
  aria-label="This screen"
  class="fixed inset-auto top-20 right-3 m-0 max-h-[80dvh] w-72 overflow-auto rounded-2xl border border-line-strong bg-salt p-3 text-ink shadow-lg"
>
  <div class="grid gap-2">
    {#each switches as { name, isOn, turn } (name)}
      <button
        type="button"
        class="btn min-h-14 justify-between"
        aria-pressed={isOn}
        aria-label={name}
        onclick={turn}
        ><span>{name}</span><span class={isOn ? 'text-leaf-ink' : 'text-muted'}
          >{isOn ? 'on' : 'off'}</span
        ></button
      >
    {/each}
    {#if cooks.length > 1}
      <div class="grid gap-2" role="group" aria-label="Whose screen is this?">
        <p class="mt-1 text-muted">Whose screen is this?</p>
        {#each [{ id: '', name: 'Everybody' }, ...cooks] as cook, i (cook.id)}
          {@const own = i === 0 ? null : i - 1}
          <button
            type="button"
            class="btn min-h-14"
            class:btn-strong={me === own}
            aria-pressed={me === own}
            onclick={() => onme(own)}>{cook.name}</button
          >
        {/each}
        {#if me !== null}
          <p class="text-[15px] text-muted">What you tap here teaches your own pace.</p>
        {/if}
      </div>
    {/if}
    <button type="button" class="btn min-h-14" onclick={() => window.print()}
      >Print for the fridge door</button
    >
    <a class="btn min-h-14" href="/cook">Leave cooking</a>
  </div>
</div>
