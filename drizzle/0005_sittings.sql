CREATE TABLE `sittings` (
	`id` text PRIMARY KEY NOT NULL,
	`body` text NOT NULL,
	`revision` integer NOT NULL,
	`table_ms` integer NOT NULL,
	`changed_at_ms` integer NOT NULL
);
