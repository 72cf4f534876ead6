CREATE TABLE `larder` (
	`food` text PRIMARY KEY NOT NULL,
	`document` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `prices` (
	`food` text PRIMARY KEY NOT NULL,
	`document` text NOT NULL
);
