/** How one screen makes itself heard: kept on it, asked once. */
import { keepOnScreen, readScreen } from '$lib/client/this-screen';

type Way = 'sound' | 'voice' | 'notices' | 'keys';

export class Listening {
  sound = $state(false);
  voice = $state(false);
  notices = $state(false);
  /** Single keys: on until somebody switches them off. */
  keys = $state(true);
  /** Browsers notify only over https, or on this machine itself. */
  canNotify = $state(false);
  /** Under a finger nobody types. */
  isTouched = $state(false);
  /** Nobody has said yet whether it should sound. */
  isToBeAsked = $state(false);

  /** Reads what this screen keeps; call once the page is shown. */
  read(): void {
    this.canNotify = 'Notification' in globalThis && globalThis.isSecureContext;
    this.isTouched = navigator.maxTouchPoints > 0;
    this.sound = readScreen('sound') === 'on';
    this.voice = readScreen('voice') === 'on';
    this.notices =
      this.canNotify && readScreen('notices') === 'on' && Notification.permission === 'granted';
    this.keys = readScreen('keys') !== 'off';
    this.isToBeAsked = readScreen('sound') === null;
  }

  set(way: Way, isOn: boolean): void {
    this[way] = isOn;
    keepOnScreen(way, isOn ? 'on' : 'off');
    if (way === 'sound') this.isToBeAsked = false;
  }
}
