ALTER TABLE `formulas` ADD `tags` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `formulas` ADD `archived_at_ms` integer;--> statement-breakpoint
ALTER TABLE `formulas` ADD `branched_from` text;--> statement-breakpoint
ALTER TABLE `kitchen` ADD `usual` text;--> statement-breakpoint
ALTER TABLE `own_entries` ADD `archived_at_ms` integer;