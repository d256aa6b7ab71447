CREATE TABLE `batch_acts` (
	`batch_id` text NOT NULL,
	`act_id` text NOT NULL,
	`done_at_ms` integer NOT NULL,
	`recorded_at_ms` integer NOT NULL,
	PRIMARY KEY(`batch_id`, `act_id`),
	FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `batch_weights` (
	`batch_id` text NOT NULL,
	`line_id` text NOT NULL,
	`grams` real NOT NULL,
	`recorded_at_ms` integer NOT NULL,
	PRIMARY KEY(`batch_id`, `line_id`),
	FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `instrument_sessions` (
	`batch_id` text NOT NULL,
	`channel` text NOT NULL,
	`kind` text NOT NULL,
	`seed` integer NOT NULL,
	`from_ms` integer NOT NULL,
	`until_ms` integer,
	PRIMARY KEY(`batch_id`, `channel`),
	FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `outcomes` (
	`batch_id` text PRIMARY KEY NOT NULL,
	`body` text NOT NULL,
	`judged_at_ms` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `samples` (
	`batch_id` text NOT NULL,
	`channel` text NOT NULL,
	`at_ms` integer NOT NULL,
	`value` real NOT NULL,
	PRIMARY KEY(`batch_id`, `channel`, `at_ms`),
	FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
ALTER TABLE `batch_events` ADD `what` text;--> statement-breakpoint
ALTER TABLE `batches` ADD `clock_from_ms` integer;--> statement-breakpoint
ALTER TABLE `batches` ADD `clock_own_ms` integer;--> statement-breakpoint
ALTER TABLE `batches` ADD `clock_speed` real DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `batches` ADD `food_id` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `batches` ADD `kind` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `batches` ADD `target_fraction` real DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `batches` ADD `salt_score` integer;--> statement-breakpoint
CREATE INDEX `batches_by_food` ON `batches` (`food_id`,`lifted_at_ms`);--> statement-breakpoint
UPDATE `batches` SET `food_id` = json_extract(`body`, '$.foodId'), `kind` = json_extract(`body`, '$.preparation.kind'), `target_fraction` = json_extract(`body`, '$.preparation.targetFraction');
