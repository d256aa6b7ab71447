"use client";

import { Link } from "@/ui/link";
import type { Formulated } from "@/core/formula/formulate";
import { AS_WANTED } from "@/core/formula/offer/defaults";
import { RANGES } from "@/core/quantity/ranges";
import type { Formulation } from "@/core/formulation";
import { described, isBaked } from "@/core/preparations";
import type { QuantityRule } from "@/core/quantity/parse";
import type { Third } from "@/core/ways/third";
import { duration, percent } from "@/ui/format";
import { usePantry } from "@/ui/pantry";
import { trimZeros, useQuantity } from "@/ui/use-quantity";
import type { ThirdHeld } from "./use-third";
import * as words from "@/words/bench/three/three";

interface Props {
  value: Formulation;
  sheet: Formulated | undefined;
  third: ThirdHeld;
  onValidity: (label: string, problem: string | null) => void;
}

/** Salt wanted, hours and strength side by side: two are the cook's, the third follows from them. */
export function Three({ value, sheet, third: { follower, problem, set }, onValidity }: Props) {
  const { preparation, pullH } = value;
  // A crust is dosed by its own rule and baked by its own sum; a rub without salt has none to seek.
  if (isBaked(value) || preparation.targetFraction <= 0) return null;
  const box = (third: Third) => ({ follows: follower === third, onValidity });
  const strength = strengthOf(value, sheet);
  return (
    <section className="mb-4" aria-label={words.twoAreYoursTheThird}>
      <h2 className="text-xl">{words.twoAreYoursTheThird}</h2>
      <div className="mt-1 grid grid-cols-3 gap-2">
        <Box
          {...box("salt")}
          label={words.saltWantedInTheFlesh}
          said={words.saltInTheFlesh}
          unit="%"
          text={trimZeros((preparation.targetFraction * 100).toFixed(2))}
          value={preparation.targetFraction * 100}
          rule={RANGES.targetPercent}
          step={0.05}
          onChange={(p) =>
            set("salt", (f) => ({ ...f, preparation: { ...f.preparation, targetFraction: p / 100 } }))
          }
        />
        <Box
          {...box("hours")}
          label={words.hoursInIt}
          said={words.timeInIt}
          unit=""
          text={duration(pullH)}
          value={pullH * 60}
          shownUnit={60}
          rule={RANGES.pullMin}
          step={15}
          onChange={(min) => set("hours", (f) => ({ ...f, pullH: min / 60 }))}
        />
        <Box
          {...box("strength")}
          label={strength.label}
          said={strength.label.toLowerCase()}
          unit="%"
          text={strength.percent === undefined ? "" : trimZeros(strength.percent.toFixed(1))}
          value={strength.percent ?? 0}
          rule={strength.rule}
          step={0.1}
          onChange={(p) => set("strength", (f) => withStrength(f, p / 100, sheet))}
        />
      </div>
      <HouseSalt
        wanted={preparation.targetFraction}
        onTake={(fraction) =>
          set("salt", (f) => ({ ...f, preparation: { ...f.preparation, targetFraction: fraction } }))
        }
      />
      {problem && (
        <p role="status" className="mt-1 border-l-4 border-warning bg-base-100 px-2 py-1 text-sm">
          {problem}
        </p>
      )}
    </section>
  );
}

/** Where the kitchen has a taste of its own: that this is it, or what it would be. */
function HouseSalt({ wanted, onTake }: { wanted: number; onTake: (fraction: number) => void }) {
  const { houseSalt } = usePantry();
  if (houseSalt === null) return null;
  if (Math.abs(wanted - houseSalt) < HOUSE_CLOSE)
    return (
      <p className="mt-1 text-sm text-quiet">
        {words.isThisKitchensOwnTaste(
          percent(houseSalt),
          <Link className="link-in-text" href="/record/taste">
            {words.fromWhat}
          </Link>,
        )}
      </p>
    );
  return (
    <button type="button" className="btn mt-1 min-h-11" onClick={() => onTake(houseSalt)}>
      {words.houseTaste(percent(houseSalt))}
    </button>
  );
}

/** Nearer than two digits of a per cent show. */
const HOUSE_CLOSE = 5e-5;

interface Strength {
  label: string;
  percent: number | undefined;
  rule: QuantityRule;
}

const DOSE_RULE: QuantityRule = { dimension: "none", min: 0, max: 30 };

/** How strong the brine is, or how much salt there is to the meat. */
function strengthOf({ preparation }: Formulation, sheet: Formulated | undefined): Strength {
  if (described(preparation).brined)
    return {
      label: words.brineStrength,
      percent: sheet?.brine && sheet.brine.saltFraction * 100,
      rule: RANGES.strengthPercent,
    };
  return {
    label: words.saltOnTheMeat,
    percent: sheet && (100 * sheet.naclG) / sheet.flesh.massG,
    rule: preparation.kind === "cure" ? RANGES.dosePercent : DOSE_RULE,
  };
}

/** A strength of the cook's own makes a timed brine of a gentle one; a dose of the cook's own stands to the gram. */
function withStrength(f: Formulation, share: number, sheet: Formulated | undefined): Formulation {
  const p = f.preparation;
  if (p.kind === "wetBrine")
    return {
      ...f,
      salt: AS_WANTED,
      preparation: {
        kind: "wetBrine",
        school: "timed",
        targetFraction: p.targetFraction,
        strength: { basis: "percent", saltFraction: share },
      },
    };
  if (p.kind === "cure") return { ...f, salt: AS_WANTED, preparation: { ...p, doseFraction: share } };
  // Of a brine that is weighed by the meat, the strength is a dose: so much of so much brine.
  const ofMeat =
    p.kind === "injection" && sheet ? (share * sheet.foodG * p.pickupFraction) / sheet.flesh.massG : share;
  return { ...f, salt: { mode: "percent", fraction: ofMeat } };
}

interface BoxProps {
  label: string;
  said: string;
  unit: string;
  text: string;
  value: number;
  rule: QuantityRule;
  shownUnit?: number;
  step: number;
  follows: boolean;
  onChange: (value: number) => void;
  onValidity: (label: string, problem: string | null) => void;
}

function Box({ said, unit, text, follows, ...entry }: BoxProps) {
  const { typed, problem, take, nudge, leave } = useQuantity(entry);
  return (
    <label
      className={`block rounded-box border p-2 ${follows ? "border-primary bg-[color-mix(in_oklab,var(--brine-pale)_45%,var(--color-base-100))]" : "border-line bg-base-100"}`}
    >
      <span className="block text-sm leading-tight text-quiet">{said}</span>
      <span className="flex items-baseline gap-1">
        <input
          aria-label={entry.label}
          aria-invalid={problem ? true : undefined}
          className="figure w-full min-w-0 bg-transparent text-2xl"
          autoComplete="off"
          value={typed ?? text}
          onFocus={(event) => event.target.select()}
          onChange={(event) => take(event.target.value)}
          onKeyDown={nudge}
          onBlur={leave}
        />
        <span className="text-sm">{unit}</span>
      </span>
      <span className={`block text-sm leading-tight ${follows ? "" : "text-primary"}`}>
        {words.follows(follows)}
      </span>
      {problem && (
        <span role="alert" className="block text-sm text-error">
          {problem}
        </span>
      )}
    </label>
  );
}
