CREATE TABLE `evening_events` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`id` text NOT NULL,
	`evening_id` text NOT NULL,
	`document` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `evening_events_id_unique` ON `evening_events` (`id`);--> statement-breakpoint
CREATE INDEX `evening_events_evening` ON `evening_events` (`evening_id`,`seq`);--> statement-breakpoint
CREATE TABLE `evenings` (
	`id` text PRIMARY KEY NOT NULL,
	`meal_id` text NOT NULL,
	`name` text NOT NULL,
	`serve_at` integer NOT NULL,
	`started_at` integer NOT NULL,
	`document` text NOT NULL
);
