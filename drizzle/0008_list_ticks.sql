CREATE TABLE `list_ticks` (
	`list` text NOT NULL,
	`key` text NOT NULL,
	`is_done` integer NOT NULL,
	`at` integer NOT NULL,
	PRIMARY KEY(`list`, `key`)
);
