"use client";

import { Plus, Trash2 } from "lucide-react";
import { Link } from "@/ui/link";
import { useState } from "react";
import { v4 as newId } from "uuid";
import { HEATS, heatWord } from "@/core/formula/account/dish-facts";
import { SODIUM_MG } from "@/core/materials/official";
import type { QuantityRule } from "@/core/quantity/parse";
import { eaterOf, type Eater, type KitchenLimits } from "@/core/safety/limits";
import { Select, Toggle } from "@/ui/choice";
import { Modal } from "@/ui/modal";
import { allergenName } from "@/ui/names";
import { AllergenBoxes } from "@/ui/own-entry/allergen-boxes";
import { QuantityField } from "@/ui/quantity-field";
import { SaveProblem, useSave } from "@/ui/use-save";
import * as wording from "@/words/stores/eaters";

const SODIUM: QuantityRule = { dimension: "none", min: 50, max: 5000 };
const USUAL_LIMIT_MG = SODIUM_MG.portion;

/** Whom the kitchen must be careful for; every formula is checked against them. */
export function Eaters({ limits }: { limits: KitchenLimits }) {
  const [open, setOpen] = useState<Eater | null>(null);
  const { save, problem } = useSave();
  const keep = async (eaters: Eater[]) => save("PATCH", "/api/kitchen", { limits: { ...limits, eaters } });
  const others = (id: string) => limits.eaters.filter((e) => e.id !== id);
  return (
    <section aria-label={wording.eaters}>
      <h3 className="mt-6 text-xl">{wording.eatersToBeCarefulFor}</h3>
      <Link className="btn min-h-11" href="/record/taste">
        {wording.howMuchSaltTheyLike}
      </Link>
      <ul>
        {limits.eaters.map((eater) => (
          <li key={eater.id} className="flex items-center justify-between gap-3 border-b border-line">
            <span className="py-2">
              <button
                type="button"
                className="min-h-11 cursor-pointer text-left font-semibold underline"
                onClick={() => setOpen(eater)}
              >
                {eater.name}
              </button>
              <span className="block text-sm text-quiet">{sayLimits(eater)}</span>
            </span>
            <button
              type="button"
              className="btn btn-ghost min-h-11"
              aria-label={wording.remove(eater.name)}
              onClick={() => void keep(others(eater.id))}
            >
              <Trash2 size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn mt-2 min-h-11 font-normal"
        onClick={() => setOpen(eaterOf(newId(), ""))}
      >
        <Plus size={18} aria-hidden /> {wording.addAnEater}
      </button>
      <SaveProblem problem={problem} />
      {open && (
        <EaterDialog
          eater={open}
          onKeep={async (eater) => {
            if (await keep([...others(eater.id), eater])) setOpen(null);
          }}
          onClose={() => setOpen(null)}
        />
      )}
    </section>
  );
}

function sayLimits(e: Eater): string {
  const words = [
    ...(e.avoids.length > 0 ? [wording.no(e.avoids.map(allergenName).join(", "))] : []),
    ...(e.sodiumMg === null ? [] : [wording.atMostMgSodium(e.sodiumMg)]),
    ...(e.infant ? [wording.underTwelveMonths] : []),
    ...(e.atRisk ? [wording.nothingRaw] : []),
    ...(e.noAlcohol ? [wording.noAlcohol] : []),
    ...(e.mostHeat === null ? [] : [wording.heatAtMost(heatWord(e.mostHeat))]),
  ];
  return words.length > 0 ? words.join(" · ") : wording.eatsAnything;
}

function EaterDialog(props: { eater: Eater; onKeep: (eater: Eater) => void; onClose: () => void }) {
  const [eater, setEater] = useState(props.eater);
  const [unread, setUnread] = useState(false);
  const set = (part: Partial<Eater>) => setEater({ ...eater, ...part });
  return (
    <Modal title={props.eater.name || wording.anEaterToBeCareful} onClose={props.onClose}>
      <div className="field-row">
        <label htmlFor="eater-name">{wording.who}</label>
        <input
          id="eater-name"
          className="entry font-semibold"
          placeholder={wording.table2}
          maxLength={60}
          value={eater.name}
          onChange={(event) => set({ name: event.target.value })}
        />
      </div>
      <AllergenBoxes
        legend={wording.mustNotHave}
        value={eater.avoids}
        onChange={(avoids) => set({ avoids })}
      />
      <Toggle
        label={wording.watchesSodium}
        value={eater.sodiumMg !== null}
        onChange={(on) => set({ sodiumMg: on ? USUAL_LIMIT_MG : null })}
      />
      {eater.sodiumMg !== null && (
        <QuantityField
          label={wording.mostInAPortion}
          unit="mg"
          value={eater.sodiumMg}
          rule={SODIUM}
          step={50}
          onChange={(sodiumMg) => set({ sodiumMg })}
          onValidity={(_, wrong) => setUnread(wrong !== null)}
        />
      )}
      <Toggle
        label={wording.underTwelveMonthsTick}
        value={eater.infant}
        onChange={(infant) => set({ infant })}
      />
      <Toggle
        label={wording.pregnantOldOrEasilyIll}
        value={eater.atRisk}
        onChange={(atRisk) => set({ atRisk })}
      />
      <Toggle
        label={wording.noAlcoholTick}
        value={eater.noAlcohol}
        onChange={(noAlcohol) => set({ noAlcohol })}
      />
      <Select
        label={wording.chilliAtMost}
        value={eater.mostHeat ?? "any"}
        options={[
          { value: "any", label: wording.any },
          ...HEATS.map((h) => ({ value: h.name, label: heatWord(h.name) })),
        ]}
        onChange={(heat) => set({ mostHeat: heat === "any" ? null : heat })}
      />
      <button
        type="button"
        className="btn btn-primary mt-4 min-h-11"
        disabled={eater.name.trim() === "" || unread}
        onClick={() => props.onKeep(eater)}
      >
        {wording.keepIt}
      </button>
    </Modal>
  );
}
