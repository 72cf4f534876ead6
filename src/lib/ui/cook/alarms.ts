/** Sounds, spoken words and a screen that stays awake: each optional, each with a fallback. */

import { readScreen } from '$lib/client/this-screen';

const USUAL_LOUDNESS = 0.3;
let audio: AudioContext | null = null;

/** Browsers let a page sound only after a touch: call from the first tap. */
export function unlockSound(): void {
  try {
    audio ??= new AudioContext();
    void audio.resume();
  } catch {
    // No sound here; the page still shows everything.
  }
}

/** Two short notes, of a pitch of its own for each pot. */
export function sound(pot: number): void {
  if (audio?.state !== 'running') return;
  const loudness = Number(readScreen('loudness') ?? USUAL_LOUDNESS) || USUAL_LOUDNESS;
  const base = 440 * 2 ** ((pot * 4) / 12);
  for (const [i, factor] of [1, 1.5].entries()) {
    const note = audio.createOscillator();
    const gain = audio.createGain();
    note.frequency.value = base * factor;
    const at = audio.currentTime + i * 0.22;
    gain.gain.setValueAtTime(0.0001, at);
    gain.gain.exponentialRampToValueAtTime(loudness, at + 0.02);
    gain.gain.exponentialRampToValueAtTime(0.0001, at + 0.2);
    note.connect(gain).connect(audio.destination);
    note.start(at);
    note.stop(at + 0.21);
  }
  navigator.vibrate?.([120, 60, 120]);
}

/** Says it aloud, in place of what is still being said; silent where the browser can’t. */
export function say(text: string): void {
  if (!('speechSynthesis' in window)) return;
  speechSynthesis.cancel();
  speechSynthesis.speak(new SpeechSynthesisUtterance(text));
}

/** Asks the browser whether it may notify. @returns whether it may */
export async function askForNotices(): Promise<boolean> {
  try {
    return (await Notification.requestPermission()) === 'granted';
  } catch {
    return false;
  }
}

/** A notice for a page that is not in front; nothing where the page is seen anyway. */
export function notice(title: string, body: string): void {
  if (document.visibilityState === 'visible') return;
  try {
    const shown = new Notification(title, { body, tag: body });
    shown.onclick = () => window.focus();
  } catch {
    // Some phones notify through a service worker only.
    void navigator.serviceWorker.ready.then((r) => r.showNotification(title, { body, tag: body }));
  }
}

/** Keeps the screen on while the page is shown. @returns how to end that */
export function stayAwake(): () => void {
  let lock: WakeLockSentinel | null = null;
  const ask = async (): Promise<void> => {
    try {
      if (document.visibilityState === 'visible') lock = await navigator.wakeLock.request('screen');
    } catch {
      // Over plain http, or with a low battery, the screen may go dark: the clocks go on.
    }
  };
  const again = (): void => void ask();
  if ('wakeLock' in navigator) {
    void ask();
    document.addEventListener('visibilitychange', again);
  }
  return () => {
    document.removeEventListener('visibilitychange', again);
    void lock?.release();
  };
}
