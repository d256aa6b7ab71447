CREATE TABLE `tastings` (
	`id` text PRIMARY KEY NOT NULL,
	`body` text NOT NULL,
	`started_at_ms` integer NOT NULL
);
--> statement-breakpoint
ALTER TABLE `kitchen` ADD `house_salt` real;