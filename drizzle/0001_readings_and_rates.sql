CREATE TABLE `rates` (
	`food_id` text PRIMARY KEY NOT NULL,
	`factor` real NOT NULL,
	`doubt` real NOT NULL,
	`learnt_at_ms` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `readings` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`batch_id` text NOT NULL,
	`body` text NOT NULL,
	`at_ms` integer NOT NULL,
	`recorded_at_ms` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `readings_by_batch` ON `readings` (`batch_id`);--> statement-breakpoint
ALTER TABLE `batches` ADD `prior_factor` real DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `batches` ADD `prior_doubt` real;--> statement-breakpoint
ALTER TABLE `batches` ADD `rate_factor` real DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `batches` ADD `rate_doubt` real;