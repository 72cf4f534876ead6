<script lang="ts">
  /** Settings of this one screen: look, contrast, sound and voice in Cook. */
  import { onMount } from 'svelte';
  import { setMode, userPrefersMode } from 'mode-watcher';
  import { toast } from 'svelte-sonner';
  import { keepOnScreen, readScreen } from '$lib/client/this-screen';
  import { sound, unlockSound } from '$lib/ui/cook/alarms';

  let contrast = $state('system');
  let hasSound = $state(false);
  let hasVoice = $state(false);
  let loudness = $state('0.3');
  onMount(() => {
    contrast = readScreen('contrast') ?? 'system';
    hasSound = readScreen('sound') === 'on';
    hasVoice = readScreen('voice') === 'on';
    loudness = readScreen('loudness') ?? '0.3';
  });

  function keep(setting: Parameters<typeof keepOnScreen>[0], value: string): void {
    if (!keepOnScreen(setting, value))
      toast.error('This browser can’t save anything for this page; allow it to store data.');
  }
  function setContrast(value: string): void {
    contrast = value;
    keep('contrast', value);
    const wanted = value === 'more' || (value === 'system' && asksForMore());
    document.documentElement.classList.toggle('more-contrast', wanted);
  }
  const asksForMore = (): boolean => matchMedia('(prefers-contrast: more)').matches;
  function hear(): void {
    unlockSound();
    // The first touch starts the sound; a moment later it plays.
    setTimeout(() => sound(0), 150);
  }
</script>

<section aria-labelledby="screen" class="mt-6 grid max-w-3xl gap-3 card p-5">
  <h2 id="screen" class="text-xl font-bold">This screen</h2>
  <p class="text-muted">Kept on this device only; the kitchen’s settings above are for all.</p>
  <div class="flex flex-wrap items-end gap-4">
    <label class="flex items-center gap-2 text-[15px] text-muted"
      >Look<select
        class="field w-44 text-ink"
        value={userPrefersMode.current}
        onchange={(e) => setMode(e.currentTarget.value as 'light' | 'dark' | 'system')}
      >
        <option value="system">as the device says</option>
        <option value="light">light</option>
        <option value="dark">dark</option>
      </select></label
    >
    <label class="flex items-center gap-2 text-[15px] text-muted"
      >Contrast<select
        class="field w-44 text-ink"
        value={contrast}
        onchange={(e) => setContrast(e.currentTarget.value)}
      >
        <option value="system">as the device says</option>
        <option value="usual">usual</option>
        <option value="more">more</option>
      </select></label
    >
    <label class="flex min-h-11 items-center gap-2"
      ><input
        type="checkbox"
        class="tick"
        checked={hasSound}
        onchange={(e) => {
          hasSound = e.currentTarget.checked;
          keep('sound', hasSound ? 'on' : 'off');
        }}
      />sound in Cook</label
    >
    <label class="flex min-h-11 items-center gap-2"
      ><input
        type="checkbox"
        class="tick"
        checked={hasVoice}
        onchange={(e) => {
          hasVoice = e.currentTarget.checked;
          keep('voice', hasVoice ? 'on' : 'off');
        }}
      />spoken too</label
    >
    <label class="flex items-center gap-2 text-[15px] text-muted"
      >Loudness<select
        class="field w-32 text-ink"
        value={loudness}
        onchange={(e) => {
          loudness = e.currentTarget.value;
          keep('loudness', loudness);
        }}
      >
        <option value="0.1">quiet</option>
        <option value="0.3">usual</option>
        <option value="0.8">loud</option>
      </select></label
    >
    <button type="button" class="btn" onclick={hear}>Hear it</button>
  </div>
</section>
