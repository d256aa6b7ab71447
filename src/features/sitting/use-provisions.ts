import { useEffect, useState } from "react";
import type { Provisions } from "@/core/schedule/provisions";
import type { SittingRequest } from "@/core/schedule/request";
import { PlannerLine } from "./planner";

/** What is bought and weighed for all dishes together, worked out beside the page; the last answer stands meanwhile. */
export function useProvisions(
  { dishes }: Pick<SittingRequest, "dishes">,
  soakH: Readonly<Record<string, number>> | undefined,
): Provisions | undefined {
  const [found, setFound] = useState<Provisions>();
  const key = JSON.stringify({ dishes, soakH });
  useEffect(() => {
    const line = new PlannerLine();
    let stale = false;
    const asked = JSON.parse(key) as Pick<SittingRequest, "dishes"> & { soakH?: Record<string, number> };
    line
      .ask<Provisions>(async (planner) => planner.provisions(asked, asked.soakH))
      .then(
        (answer) => !stale && setFound(answer),
        () => undefined,
      )
      .finally(() => line.close());
    return () => {
      stale = true;
      line.close();
    };
  }, [key]);
  return found;
}
