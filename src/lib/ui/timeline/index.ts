export { default as Timeline } from './timeline.svelte';
export type { TimelineMark } from './marks';
