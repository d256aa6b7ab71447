ALTER TABLE `batch_events` ADD `device_ahead_ms` integer;--> statement-breakpoint
ALTER TABLE `sitting_acts` ADD `device_ahead_ms` integer;