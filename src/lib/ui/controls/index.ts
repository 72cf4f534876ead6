export { conventionsOf } from './conventions';
export type { FieldConventions } from './conventions';
export { default as DateField } from './date-field.svelte';
export { default as FindField } from './find-field.svelte';
export { default as Menu } from './menu.svelte';
export { default as Pager } from './pager.svelte';
export { default as TimeField } from './time-field.svelte';
