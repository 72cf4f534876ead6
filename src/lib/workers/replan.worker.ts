/** Plans the rest of an evening again on a screen that is without a server. */
import { planAgain, type Teller } from '$core/replan';
import { foldEvening, type Evening, type RunEvent } from '$core/run';

/** What has happened, and what of it asks for a new plan. */
export interface ReplanRequest {
  evening: Evening;
  events: RunEvent[];
  causes: RunEvent[];
  /** ms since the epoch on the evening's clock. */
  now: number;
  kitchen: Teller;
  /** Of the event that says so. */
  id: string;
}

addEventListener('message', ({ data }: MessageEvent<ReplanRequest>) => {
  const { evening, events, now } = data;
  postMessage(planAgain(evening, foldEvening(evening, events, now), data));
});
