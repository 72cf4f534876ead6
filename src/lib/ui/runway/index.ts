export { default as Runway } from './runway.svelte';
export type { RunwayMark } from './marks';
