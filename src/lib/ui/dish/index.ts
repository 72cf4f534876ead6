export { default as StageStrip } from './stage-strip.svelte';
export { default as StageCard } from './stage-card.svelte';
export { default as ServingsStepper } from './servings-stepper.svelte';
export { default as DishActions } from './dish-actions.svelte';
export { default as RoomCard } from './room-card.svelte';
export { default as WhatChanges } from './what-changes.svelte';
export { default as DishLooks } from './dish-looks.svelte';
