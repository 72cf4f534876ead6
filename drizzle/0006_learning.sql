CREATE TABLE `observations` (
	`evening_id` text PRIMARY KEY NOT NULL,
	`document` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `verdicts` (
	`evening_id` text NOT NULL,
	`entry_id` text NOT NULL,
	`dish_id` text NOT NULL,
	`at` integer NOT NULL,
	`document` text NOT NULL,
	PRIMARY KEY(`evening_id`, `entry_id`)
);
--> statement-breakpoint
CREATE INDEX `verdicts_dish` ON `verdicts` (`dish_id`,`at`);