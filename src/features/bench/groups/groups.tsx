"use client";

import dynamic from "next/dynamic";
import { useState } from "react";
import type { Cook } from "@/core/formulation";
import { isWet } from "@/core/preparations";
import { useUnits } from "@/ui/measures";
import { NotYet, orMissing } from "@/ui/or-missing";
import { usePantry } from "@/ui/pantry";
import type { LineBases } from "../panels/line-row";
import type { PanelProps } from "../panels/panel";
import type { Worked } from "../worked";
import { GroupRow } from "./group-row";
import { sayBeside, sayCook, sayEaters, sayFood, sayLines, saySalt, sayVessel } from "./group-words";
import * as words from "@/words/bench/groups/groups";

/* Each is fetched when its group is opened. */
const CompanionsPanel = dynamic(
  orMissing(async () => (await import("../panels/companions-panel")).CompanionsPanel),
  { loading: NotYet },
);
const CookPanel = dynamic(
  orMissing(async () => (await import("../panels/cook-panel")).CookPanel),
  { loading: NotYet },
);
const EatersPanel = dynamic(
  orMissing(async () => (await import("../panels/eaters-panel")).EatersPanel),
  { loading: NotYet },
);
const FoodPanel = dynamic(
  orMissing(async () => (await import("../panels/food-panel")).FoodPanel),
  { loading: NotYet },
);
const HoldingPanel = dynamic(
  orMissing(async () => (await import("../panels/holding-panel")).HoldingPanel),
  { loading: NotYet },
);
const LinesPanel = dynamic(
  orMissing(async () => (await import("../panels/lines-panel")).LinesPanel),
  { loading: NotYet },
);
const PreparationPanel = dynamic(
  orMissing(async () => (await import("../panels/preparation-panel")).PreparationPanel),
  { loading: NotYet },
);
const VesselPanel = dynamic(
  orMissing(async () => (await import("../panels/vessel-panel")).VesselPanel),
  { loading: NotYet },
);

interface Props {
  panel: PanelProps;
  /** Left out while the sums do not work out. */
  worked: Worked | undefined;
  /** As entered, or as offered for the food; left out where the food is not known. */
  cook: Cook | undefined;
  bases: LineBases | undefined;
}

/** What it is made of: closed, each group says in a line what is set; one is open at a time. */
export function Groups({ panel, worked, cook, bases }: Props) {
  const [open, setOpen] = useState<string | null>(null);
  const pantry = usePantry();
  const units = useUnits();
  const { value } = panel;
  const liquid = isWet(value);
  const row = (title: string, said: string) => ({
    title,
    said,
    open: open === title,
    onToggle: () => setOpen(open === title ? null : title),
  });
  return (
    <section aria-label={words.whatItIsMadeOf}>
      <h2 className="text-xl">{words.whatItIsMadeOf}</h2>
      <GroupRow {...row(words.food, sayFood(value, units))}>
        <FoodPanel {...panel} worked={worked} />
      </GroupRow>
      <GroupRow {...row(words.salt, saySalt(value, pantry))}>
        <PreparationPanel
          {...panel}
          crust={worked?.sheet.crust}
          weighedSaltG={worked?.sheet.lines.find((l) => l.role === "salt")?.massG}
        />
      </GroupRow>
      <GroupRow {...row(words.goesIn, sayLines(value, pantry))}>
        <LinesPanel {...panel} bases={bases} />
      </GroupRow>
      <GroupRow {...row(words.vessel(liquid), sayVessel(value, units))}>
        <VesselPanel {...panel} waterG={worked?.sheet.waterG} />
        <HoldingPanel {...panel} />
      </GroupRow>
      {cook && (
        <GroupRow {...row(words.cook, sayCook(cook, units))}>
          <CookPanel {...panel} cook={cook} sheet={worked?.sheet} />
        </GroupRow>
      )}
      <GroupRow {...row(words.besideIt, sayBeside(value))}>
        <CompanionsPanel {...panel} bases={bases} cookMin={cook?.minutes ?? 0} />
      </GroupRow>
      <GroupRow {...row(words.eaters, sayEaters(value))}>
        <EatersPanel {...panel} />
      </GroupRow>
    </section>
  );
}
