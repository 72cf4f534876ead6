/** Tables: documents validated on the way in and out, with columns for what is searched or joined. */
import { blob, index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';
import { document } from './interned';

export const kitchens = sqliteTable('kitchens', {
  /** There is one household and so one kitchen: always 1. */
  id: integer('id').primaryKey(),
  document: document('document').notNull(),
  revision: integer('revision').notNull().default(1),
});

export const dishes = sqliteTable('dishes', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  document: document('document').notNull(),
  updatedAt: integer('updated_at').notNull(),
});

/** What a dish was before each change, so that one can look and go back. */
export const dishVersions = sqliteTable(
  'dish_versions',
  {
    id: integer('id').primaryKey({ autoIncrement: true }),
    dishId: text('dish_id').notNull(),
    /** ms since the epoch: when it was replaced. */
    replacedAt: integer('replaced_at').notNull(),
    /** Why it was changed, in the cook's words; '' where nobody said. */
    why: text('why').notNull().default(''),
    document: document('document').notNull(),
  },
  (table) => [index('dish_versions_dish').on(table.dishId, table.replacedAt)],
);

export const dishPhotos = sqliteTable('dish_photos', {
  dishId: text('dish_id').primaryKey(),
  type: text('type', { enum: ['image/jpeg', 'image/png', 'image/webp'] }).notNull(),
  bytes: blob('bytes', { mode: 'buffer' }).notNull(),
  updatedAt: integer('updated_at').notNull(),
});

export const meals = sqliteTable('meals', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  /** ms since the epoch. */
  serveAt: integer('serve_at').notNull(),
  document: document('document').notNull(),
  /** The plan last shown: problem and schedule; null before the first. */
  plan: document('plan'),
  /** Rises with every change, so that a second tab is told instead of overwriting. */
  revision: integer('revision').notNull().default(1),
  updatedAt: integer('updated_at').notNull(),
});

/** What is in the house, and what foods cost; one row for each, by the food's one name. */
export const larder = sqliteTable('larder', {
  food: text('food').primaryKey(),
  document: document('document').notNull(),
});

/** What shoppers have ticked off their lists; kept until nobody shops by them any more. */
export const listTicks = sqliteTable(
  'list_ticks',
  {
    list: text('list').notNull(),
    key: text('key').notNull(),
    isDone: integer('is_done', { mode: 'boolean' }).notNull(),
    /** ms since the epoch: when it was said. */
    at: integer('at').notNull(),
  },
  (table) => [primaryKey({ columns: [table.list, table.key] })],
);

export const prices = sqliteTable('prices', {
  food: text('food').primaryKey(),
  document: document('document').notNull(),
});

/** A live evening: what it started from. */
export const evenings = sqliteTable('evenings', {
  id: text('id').primaryKey(),
  mealId: text('meal_id').notNull(),
  name: text('name').notNull(),
  serveAt: integer('serve_at').notNull(),
  startedAt: integer('started_at').notNull(),
  document: document('document').notNull(),
});

/** What happened, in order of arrival; never changed, never removed. */
export const eveningEvents = sqliteTable(
  'evening_events',
  {
    seq: integer('seq').primaryKey({ autoIncrement: true }),
    /** The event's own id: sent twice, it is there once. */
    id: text('id').notNull().unique(),
    eveningId: text('evening_id').notNull(),
    document: document('document').notNull(),
  },
  (table) => [index('evening_events_evening').on(table.eveningId, table.seq)],
);

/** Freezer and fridge: what lies there. */
export const storeItems = sqliteTable(
  'store_items',
  {
    id: text('id').primaryKey(),
    code: text('code').notNull().unique(),
    place: text('place').notNull(),
    /** Changed in one step with a condition, so that two phones never take the same portion. */
    portions: real('portions').notNull(),
    useBy: text('use_by').notNull(),
    document: document('document').notNull(),
  },
  (table) => [index('store_items_due').on(table.place, table.useBy)],
);

/** What was put in, taken out, moved or thrown away, and why. */
export const storeMoves = sqliteTable('store_moves', {
  seq: integer('seq').primaryKey({ autoIncrement: true }),
  itemId: text('item_id').notNull(),
  at: integer('at').notNull(),
  what: text('what', { enum: ['in', 'out', 'moved', 'thrown'] }).notNull(),
  portions: real('portions').notNull(),
  note: text('note').notNull().default(''),
});

/** What this installation keeps for itself: passcode, secret, failed tries. Not part of the household's file. */
export const settings = sqliteTable('settings', {
  key: text('key').primaryKey(),
  value: document('value').notNull(),
});

/** What each evening said of cookers, cooks and dishes; made again from its events at any time. */
export const observations = sqliteTable('observations', {
  eveningId: text('evening_id').primaryKey(),
  document: document('document').notNull(),
});

/** What the cook said of a dish after an evening. */
export const verdicts = sqliteTable(
  'verdicts',
  {
    eveningId: text('evening_id').notNull(),
    entryId: text('entry_id').notNull(),
    dishId: text('dish_id').notNull(),
    /** ms since the epoch. */
    at: integer('at').notNull(),
    document: document('document').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.eveningId, table.entryId] }),
    index('verdicts_dish').on(table.dishId, table.at),
  ],
);
