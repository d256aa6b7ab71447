CREATE TABLE `own_entries` (
	`kind` text NOT NULL,
	`id` text NOT NULL,
	`body` text NOT NULL,
	`changed_at_ms` integer NOT NULL,
	PRIMARY KEY(`kind`, `id`)
);
--> statement-breakpoint
ALTER TABLE `kitchen` ADD `limits` text;--> statement-breakpoint
ALTER TABLE `kitchen` ADD `words` text;