CREATE TABLE `sitting_acts` (
	`sitting_id` text NOT NULL,
	`task_id` text NOT NULL,
	`done_at_ms` integer NOT NULL,
	`recorded_at_ms` integer NOT NULL,
	`not_done` integer DEFAULT false NOT NULL,
	PRIMARY KEY(`sitting_id`, `task_id`),
	FOREIGN KEY (`sitting_id`) REFERENCES `sittings`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
ALTER TABLE `batch_acts` ADD `not_done` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `sittings` ADD `plan` text;