-- Food went in when that was ticked off; until now a batch kept the hour of its plan, which stands in the event of its start.
UPDATE `batches` SET
  `planned_lift_at_ms` = `planned_lift_at_ms` + `act`.`done_at_ms` - `started_at_ms`,
  `started_at_ms` = `act`.`done_at_ms`
FROM `batch_acts` AS `act`
WHERE `act`.`batch_id` = `batches`.`id` AND `act`.`act_id` = 'go_in' AND NOT `act`.`not_done`
  AND `act`.`done_at_ms` <> `started_at_ms` AND (`lifted_at_ms` IS NULL OR `lifted_at_ms` >= `act`.`done_at_ms`);
