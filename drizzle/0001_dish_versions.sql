CREATE TABLE `dish_photos` (
	`dish_id` text PRIMARY KEY NOT NULL,
	`type` text NOT NULL,
	`bytes` blob NOT NULL,
	`updated_at` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `dish_versions` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`dish_id` text NOT NULL,
	`replaced_at` integer NOT NULL,
	`why` text DEFAULT '' NOT NULL,
	`document` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `dish_versions_dish` ON `dish_versions` (`dish_id`,`replaced_at`);