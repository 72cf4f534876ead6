export { default as Runway } from './runway.svelte';
