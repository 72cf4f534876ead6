/** The one voice of the page for those who hear it: what has changed, said once, politely. */

class Announcer {
  /** What is said now. */
  text = $state('');
  private timer: ReturnType<typeof setTimeout> | undefined;

  /** Says it when nothing newer comes within a moment: many changes in a row are one sentence. */
  say(text: string): void {
    clearTimeout(this.timer);
    if (text === '') return;
    this.timer = setTimeout(() => {
      // The same words twice are news only when they leave in between.
      this.text = this.text === text ? `${text}\u00a0` : text;
    }, SETTLE_MS);
  }
}
const SETTLE_MS = 400;

export const announcer = new Announcer();
