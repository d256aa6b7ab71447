ALTER TABLE `sittings` ADD `clock_from_ms` integer;--> statement-breakpoint
ALTER TABLE `sittings` ADD `clock_own_ms` integer;--> statement-breakpoint
ALTER TABLE `sittings` ADD `clock_speed` real DEFAULT 1 NOT NULL;