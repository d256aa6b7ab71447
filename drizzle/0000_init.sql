CREATE TABLE `acknowledgements` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`batch_id` text NOT NULL,
	`rule_id` text NOT NULL,
	`title` text NOT NULL,
	`severity` text NOT NULL,
	`reason` text NOT NULL,
	`at_ms` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `batch_events` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`batch_id` text NOT NULL,
	`kind` text NOT NULL,
	`at_ms` integer NOT NULL,
	`recorded_at_ms` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `events_by_batch` ON `batch_events` (`batch_id`);--> statement-breakpoint
CREATE TABLE `batches` (
	`id` text PRIMARY KEY NOT NULL,
	`formula_version_id` text NOT NULL,
	`name` text NOT NULL,
	`body` text NOT NULL,
	`sheet` text NOT NULL,
	`started_at_ms` integer NOT NULL,
	`planned_lift_at_ms` integer NOT NULL,
	`lifted_at_ms` integer,
	`time_zone` text NOT NULL,
	FOREIGN KEY (`formula_version_id`) REFERENCES `formula_versions`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `batches_by_lift` ON `batches` (`lifted_at_ms`,`started_at_ms`);--> statement-breakpoint
CREATE TABLE `formula_versions` (
	`id` text PRIMARY KEY NOT NULL,
	`formula_id` text NOT NULL,
	`version` integer NOT NULL,
	`body` text NOT NULL,
	`note` text NOT NULL,
	`created_at_ms` integer NOT NULL,
	FOREIGN KEY (`formula_id`) REFERENCES `formulas`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `formula_version` ON `formula_versions` (`formula_id`,`version`);--> statement-breakpoint
CREATE TABLE `formulas` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`created_at_ms` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `kitchen` (
	`id` integer PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`time_zone` text NOT NULL,
	`measures` text NOT NULL,
	CONSTRAINT "kitchen_single" CHECK("kitchen"."id" = 1)
);
