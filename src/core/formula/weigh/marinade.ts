import type { MarinadePreparation } from "../../formulation";
import type { Method } from "../../materials/practice";
import type { Of } from "../../preparations/descriptor";
import { gramsText } from "../../quantity/said";
import { err, ok, type Result } from "../../result";
import { liquidToCoverMl } from "../../vessel/fit";
import { keepLimit } from "../soak/keep-limit";
import type { Acts } from "./acts";
import { hidingIn } from "./lines";
import type { MixKind } from "./mix";
import { mixFigures, mixtureLines, saltMixture, weighMixture } from "./mixture";
import type { FormulationError, PrepareContext, Prepared, Snug } from "./prepared";
import * as words from "@/words/core/formula/weigh/marinade";

export const METHOD_OF: Record<MixKind, Method> = {
  acid: "acidMarinade",
  dairy: "dairyMarinade",
  enzyme: "enzymeMarinade",
  oil: "oilMarinade",
};

/** A marinade that is drained or wiped off leaves a film so thick, mm. *Practice*, estimate. */
const FILM_MM = 0.2;
const ML_PER_DM2_MM = 10;

const clingingShare = (c: PrepareContext, volumeMl: number): number =>
  Math.min(1, (c.surfaceDm2 * FILM_MM * ML_PER_DM2_MM) / volumeMl);

/** Acid, oil, salt, lines and something sweet, by ratio or by amounts, close about the food. */
export function prepareMarinade(
  c: PrepareContext,
  p: MarinadePreparation,
): Result<Prepared, FormulationError> {
  const coverMl = liquidToCoverMl(c.input.vessel, c.fit);
  const wantedMl = p.amount.mode === "toCover" ? coverMl : (p.amount.mlPerKg * c.foodG) / 1000;
  if (p.amount.mode === "toCover" && !(wantedMl > 0))
    return err({ code: "no_room_for_water", waterG: wantedMl });
  const weighed = weighMixture(c, wantedMl);
  if (!weighed.ok) return weighed;
  const { mix } = weighed.value;
  if (mix.massG <= 0) return err({ code: "nothing_in_mixture" });
  const { line, ...dose } = saltMixture(
    c,
    p.school,
    p.targetFraction,
    mix,
    hidingIn(mixtureLines(c, weighed.value)),
  );
  const snug: Snug = { haveMl: mix.volumeMl, coverMl, bagMl: c.fit.filmMl };
  return ok({
    ...dose,
    ...mixFigures(c, mix),
    sugarG: mix.massG * mix.sugarFraction,
    apart: weighed.value.apart,
    rest: { reached: p.school === "onFoodFirst" ? "surface" : "mixture", missed: "mixture" },
    clings: clingingShare(c, mix.volumeMl),
    keep: keepLimit(c.food, METHOD_OF[mix.kind], mix, c.foodG),
    excess: false,
    lines: [...(line ? [line] : []), ...mixtureLines(c, weighed.value)],
    liquidMl: mix.volumeMl,
    snug,
  });
}

export const marinadeActs: Acts<Of<"marinade">> = {
  goesIn: (_, { massG, straight }) =>
    straight
      ? {
          title: words.drizzleGMarinadeOverIt(gramsText(massG)),
          why: words.noTimeToStandIt,
          look: words.allFacesWet,
        }
      : {
          title: words.intoGMarinadeCloseAbout(gramsText(massG)),
          why: words.liquidStandingBesideTheFood,
          look: words.noAirPockets,
        },
  comesOff: () => ({
    title: words.wipeItOffLeaveA,
    why: words.wetCoatsSteamSugaryOnes,
  }),
};
