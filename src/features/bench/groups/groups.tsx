"use client";

import { useState } from "react";
import { cookOf } from "@/core/formula/cook";
import type { Exit } from "@/core/program/exits";
import { useUnits } from "@/ui/measures";
import { usePantry } from "@/ui/pantry";
import { CompanionsPanel } from "../panels/companions-panel";
import { CookPanel } from "../panels/cook-panel";
import { EatersPanel } from "../panels/eaters-panel";
import { FoodPanel } from "../panels/food-panel";
import { HoldingPanel } from "../panels/holding-panel";
import type { LineBases } from "../panels/line-row";
import { LinesPanel } from "../panels/lines-panel";
import type { PanelProps } from "../panels/panel";
import { PreparationPanel } from "../panels/preparation-panel";
import { VesselPanel } from "../panels/vessel-panel";
import type { Worked } from "../worked";
import { GroupRow } from "./group-row";
import { sayBeside, sayCook, sayEaters, sayFood, sayLines, saySalt, sayVessel } from "./group-words";

interface Props {
  panel: PanelProps;
  /** Left out while the sums do not work out. */
  worked: Worked | undefined;
  exits: readonly Exit[];
  bases: LineBases | undefined;
}

/** What it is made of: closed, each group says in a line what is set; one is open at a time. */
export function Groups({ panel, worked, exits, bases }: Props) {
  const [open, setOpen] = useState<string | null>(null);
  const pantry = usePantry();
  const units = useUnits();
  const { value } = panel;
  const food = worked?.sheet.food ?? pantry.food(value.foodId);
  const cook = food && cookOf(value, food);
  const liquid = value.preparation.kind === "wetBrine" || value.preparation.kind === "marinade";
  const row = (title: string, said: string) => ({
    title,
    said,
    open: open === title,
    onToggle: () => setOpen(open === title ? null : title),
  });
  return (
    <section aria-label="What it is made of">
      <h2 className="text-xl">What it is made of</h2>
      <GroupRow {...row("Food", sayFood(value, units))}>
        <FoodPanel {...panel} worked={worked} />
      </GroupRow>
      <GroupRow {...row("Salt", saySalt(value, pantry))}>
        <PreparationPanel
          {...panel}
          crust={worked?.sheet.crust}
          weighedSaltG={worked?.sheet.lines.find((l) => l.role === "salt")?.massG}
        />
      </GroupRow>
      <GroupRow {...row("Goes in", sayLines(value, pantry))}>
        <LinesPanel {...panel} bases={bases} />
      </GroupRow>
      <GroupRow {...row(liquid ? "Vessel" : "Tray", sayVessel(value, units))}>
        <VesselPanel {...panel} waterG={worked?.sheet.waterG} />
        <HoldingPanel {...panel} />
      </GroupRow>
      {cook && (
        <GroupRow {...row("Cook", sayCook(cook, units))}>
          <CookPanel {...panel} cook={cook} exits={exits} />
        </GroupRow>
      )}
      <GroupRow {...row("Beside it", sayBeside(value))}>
        <CompanionsPanel {...panel} bases={bases} cookMin={cook?.minutes ?? 0} />
      </GroupRow>
      <GroupRow {...row("Eaters", sayEaters(value))}>
        <EatersPanel {...panel} />
      </GroupRow>
    </section>
  );
}
