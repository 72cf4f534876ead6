/** Tables: documents validated on the way in and out, with columns for what is searched or joined. */
import { integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';

export const kitchens = sqliteTable('kitchens', {
  /** There is one household and so one kitchen: always 1. */
  id: integer('id').primaryKey(),
  document: text('document', { mode: 'json' }).notNull(),
  revision: integer('revision').notNull().default(1),
});

export const dishes = sqliteTable('dishes', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  document: text('document', { mode: 'json' }).notNull(),
  updatedAt: integer('updated_at').notNull(),
});

export const meals = sqliteTable('meals', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  /** ms since the epoch. */
  serveAt: integer('serve_at').notNull(),
  document: text('document', { mode: 'json' }).notNull(),
  /** The plan last shown: problem and schedule; null before the first. */
  plan: text('plan', { mode: 'json' }),
  /** Rises with every change, so that a second tab is told instead of overwriting. */
  revision: integer('revision').notNull().default(1),
  updatedAt: integer('updated_at').notNull(),
});
