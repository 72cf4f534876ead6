/** What one screen keeps for itself: how strong its contrast is, and how Cook makes itself heard. */

export const SCREEN_SETTINGS = {
  /** Read by static/theme.js before the first paint. */
  contrast: 'olive-contrast',
  sound: 'olive-sound',
  voice: 'olive-voice',
  loudness: 'olive-loudness',
  notices: 'olive-notices',
  /** Single keys in Cook: `off` where they are switched off. */
  keys: 'olive-keys',
  /** Id of the cook whose screen it is; none: everybody's. */
  cook: 'olive-cook',
} as const;
type Setting = keyof typeof SCREEN_SETTINGS;

/** @returns what is kept; null where nothing is, or the browser keeps nothing */
export function readScreen(setting: Setting): string | null {
  try {
    return localStorage.getItem(SCREEN_SETTINGS[setting]);
  } catch {
    return null;
  }
}

/** @returns whether it was kept */
export function keepOnScreen(setting: Setting, value: string): boolean {
  try {
    localStorage.setItem(SCREEN_SETTINGS[setting], value);
    return true;
  } catch {
    return false;
  }
}
