<script lang="ts">
  /** Finds everything by a few letters: opened by / or Ctrl+K, walked by the arrow keys. */
  import { Dialog } from 'bits-ui';
  import { goto } from '$app/navigation';
  import { announcer } from '$lib/client/announce.svelte';

  interface Hit {
    kind: string;
    name: string;
    detail: string;
    href: string;
  }
  let { isOpen = $bindable() }: { isOpen: boolean } = $props();

  const AFTER_MS = 120;
  let typed = $state('');
  let hits = $state.raw<Hit[]>([]);
  /** What the hits were found for. */
  let found = $state('');
  let problem = $state('');
  let at = $state(0);
  let timer: ReturnType<typeof setTimeout> | undefined;
  const id = $props.id();

  function look(): void {
    clearTimeout(timer);
    timer = setTimeout(() => void ask(typed), AFTER_MS);
  }
  async function ask(wanted: string): Promise<void> {
    if (wanted.trim() === '') {
      hits = [];
      found = '';
      return;
    }
    try {
      const response = await fetch(`/api/search?q=${encodeURIComponent(wanted)}`);
      const body = (await response.json()) as { hits?: Hit[]; message?: string };
      // Something newer was typed meanwhile.
      if (wanted !== typed) return;
      problem = body.hits ? '' : (body.message ?? 'The server refused it; try again.');
      hits = body.hits ?? [];
      at = 0;
      found = wanted;
      announcer.say(hits.length === 1 ? '1 found' : `${hits.length} found`);
    } catch {
      problem = 'The server can’t be reached; try again.';
    }
  }
  function open(hit: Hit | undefined): void {
    if (!hit) return;
    isOpen = false;
    typed = '';
    hits = [];
    found = '';
    void goto(hit.href);
  }
  function onkeydown(event: KeyboardEvent): void {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (step === undefined || hits.length === 0) return;
    event.preventDefault();
    at = (at + step + hits.length) % hits.length;
    document.getElementById(`${id}-${at}`)?.scrollIntoView({ block: 'nearest' });
  }
</script>

<Dialog.Root bind:open={isOpen}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
    <Dialog.Content
      class="fixed top-[6dvh] left-1/2 z-50 flex max-h-[80dvh] w-[min(38rem,94vw)] -translate-x-1/2 flex-col rounded-2xl bg-paper p-4 shadow-2xl"
    >
      <Dialog.Title class="sr-only">Find</Dialog.Title>
      <form
        onsubmit={(e) => {
          e.preventDefault();
          open(hits[at]);
        }}
      >
        <label for="{id}-field" class="label"
          >Find a dish, meal, bag, answer or help; Enter opens it</label
        >
        <input
          id="{id}-field"
          class="field text-lg"
          type="search"
          autocomplete="off"
          maxlength="100"
          role="combobox"
          aria-expanded={hits.length > 0}
          aria-controls="{id}-list"
          aria-activedescendant={hits.length > 0 ? `${id}-${at}` : undefined}
          bind:value={typed}
          oninput={look}
          {onkeydown}
        />
      </form>
      {#if problem}<p class="mt-3 font-semibold text-pimento" role="alert">{problem}</p>{/if}
      <ul id="{id}-list" role="listbox" aria-label="Found" class="mt-2 overflow-y-auto">
        {#each hits as hit, i (`${hit.kind} ${hit.href} ${hit.name}`)}
          <!-- The keyboard stays in the field: arrows choose, Enter opens. -->
          <!-- svelte-ignore a11y_click_events_have_key_events -->
          <li
            id="{id}-{i}"
            role="option"
            aria-selected={i === at}
            class="flex min-h-12 cursor-pointer items-center justify-between gap-4 rounded-lg px-3 py-1.5 {i ===
            at
              ? 'bg-leaf-soft'
              : ''}"
            onpointermove={() => (at = i)}
            onclick={() => open(hit)}
          >
            <span class="min-w-0 font-semibold">{hit.name}</span>
            <span class="flex-none text-[15px] text-muted">{hit.detail}</span>
          </li>
        {/each}
      </ul>
      {#if found !== '' && hits.length === 0 && !problem}
        <p class="px-3 py-4 text-muted">
          Nothing is called “{found}”. Try fewer letters, a food, or a bag’s code.
        </p>
      {/if}
      <div class="mt-2 flex justify-end">
        <Dialog.Close class="btn btn-quiet">Close</Dialog.Close>
      </div>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
