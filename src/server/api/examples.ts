import type { z } from "zod";
import type { sittingBody } from "@/contracts/sitting";
import { USUAL } from "@/contracts/usual";
import { newFormulation, piecesOffered } from "@/core/formula/offer/defaults";
import { withPreparation } from "@/core/formula/offer/offered";
import type { Formulation } from "@/core/formulation";
import { findFood, findSalt } from "@/core/materials/lookup";
import type { Salt } from "@/core/materials/types";

/* Bodies that are right as they stand: shown in the OpenAPI document, sent by the tests. */

export const EXAMPLE_INSTANT_MS = Date.UTC(2026, 10, 28, 9, 30);

function dryBrine(): Formulation {
  const food = findFood("duck_leg");
  if (!food) throw new Error("the table has no duck leg");
  return {
    ...withPreparation(newFormulation(food), "dry"),
    name: "Duck legs",
    pieces: piecesOffered(food, 6),
    pullH: 24,
    portions: 6,
  };
}

export const EXAMPLE_DRY_BRINE: Formulation = dryBrine();

export const EXAMPLE_SITTING: z.infer<typeof sittingBody> = {
  name: "Saturday",
  tableMs: EXAMPLE_INSTANT_MS + 40 * 3_600_000,
  dishes: [
    { kind: "formula", id: "duck", name: "Duck legs", formulaId: null, formulation: EXAMPLE_DRY_BRINE },
    {
      kind: "plain",
      id: "roots",
      name: "Roots",
      prepMin: 15,
      trays: [{ name: "carrots", minutes: 35 }],
      ovenC: 200,
      holdMin: 20,
    },
  ],
  kitchen: USUAL.equipment,
  quiet: USUAL.quiet,
  absences: [],
  pins: [],
  getsUp: false,
};

function ownSalt(): Salt {
  const salt = findSalt("sea_coarse");
  if (!salt) throw new Error("the table has no coarse sea salt");
  return { ...salt, id: "own-lock-salt", name: "salt from the jar by the lock", provenance: "weighed here" };
}

export const EXAMPLE_OWN_SALT: Salt = ownSalt();
