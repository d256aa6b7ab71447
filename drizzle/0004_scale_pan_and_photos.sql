CREATE TABLE `photos` (
	`id` text PRIMARY KEY NOT NULL,
	`batch_id` text NOT NULL,
	`jpeg` blob NOT NULL,
	`width` integer NOT NULL,
	`height` integer NOT NULL,
	`taken_at_ms` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `photos_by_batch` ON `photos` (`batch_id`);--> statement-breakpoint
ALTER TABLE `instrument_sessions` ADD `pan` text;--> statement-breakpoint
ALTER TABLE `instrument_sessions` ADD `pan_since_ms` integer;