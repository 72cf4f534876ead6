CREATE TABLE `store_items` (
	`id` text PRIMARY KEY NOT NULL,
	`code` text NOT NULL,
	`place` text NOT NULL,
	`portions` real NOT NULL,
	`use_by` text NOT NULL,
	`document` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `store_items_code_unique` ON `store_items` (`code`);--> statement-breakpoint
CREATE INDEX `store_items_due` ON `store_items` (`place`,`use_by`);--> statement-breakpoint
CREATE TABLE `store_moves` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`item_id` text NOT NULL,
	`at` integer NOT NULL,
	`what` text NOT NULL,
	`portions` real NOT NULL,
	`note` text DEFAULT '' NOT NULL
);
