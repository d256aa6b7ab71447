"use client";

import { useState } from "react";
import { v4 as newId } from "uuid";
import type { OwnVessel } from "@/contracts/kitchen";
import { RANGES } from "@/core/quantity/ranges";
import type { Vessel } from "@/core/vessel/vessel";
import { Select } from "@/ui/choice";
import { Modal } from "@/ui/modal";
import { QuantityField } from "@/ui/quantity-field";
import { SaveProblem, useSave } from "@/ui/use-save";
import { MATERIALS, MEASURES } from "@/ui/vessel-made";
import { VESSEL_SHAPES } from "@/ui/vessel-words";
import * as words from "@/words/stores/own/vessel-dialog";

const START: Vessel = {
  shape: "box",
  lengthMm: 350,
  widthMm: 250,
  heightMm: 120,
  material: "food_plastic",
  plate: true,
};

/** A tub, pail, dish, bag, cooler or tray of the kitchen's own. */
export function VesselDialog({ entry, onClose }: { entry?: OwnVessel | undefined; onClose: () => void }) {
  const [id] = useState(() => entry?.id ?? `own-${newId()}`);
  const [name, setName] = useState(entry?.name ?? "");
  const [vessel, setVessel] = useState<Vessel>(entry?.vessel ?? START);
  const [unread, setUnread] = useState<string[]>([]);
  const { save, problem } = useSave();
  const set = (part: Partial<Vessel>) => setVessel({ ...vessel, ...part });
  const keep = async () => {
    const body = { id, name, vessel };
    if (await save("PUT", "/api/own", { kind: "vessel", entry: body })) onClose();
  };
  return (
    <Modal title={entry ? words.change(entry.name) : words.aVesselOfOurOwn} onClose={onClose}>
      <div className="field-row">
        <label htmlFor="vessel-name">{words.name}</label>
        <input
          id="vessel-name"
          className="entry font-semibold"
          maxLength={120}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </div>
      <Select
        label={words.kind}
        value={vessel.shape}
        options={VESSEL_SHAPES}
        onChange={(shape) => set({ shape })}
      />
      {(["lengthMm", "widthMm", "heightMm"] as const).map((field) => {
        const label = MEASURES[vessel.shape][field];
        return (
          label && (
            <QuantityField
              key={field}
              label={label}
              unit="mm"
              value={vessel[field]}
              rule={RANGES.vesselMm}
              step={5}
              onChange={(mm) => set({ [field]: mm })}
              onValidity={(l, wrong) =>
                setUnread((all) => (wrong === null ? all.filter((x) => x !== l) : [...new Set([...all, l])]))
              }
            />
          )
        );
      })}
      <Select
        label={words.madeOf}
        value={vessel.material}
        options={MATERIALS}
        onChange={(material) => set({ material })}
      />
      <SaveProblem problem={problem} />
      <button
        type="button"
        className="btn btn-primary mt-4 min-h-11"
        disabled={name.trim() === "" || unread.length > 0}
        onClick={keep}
      >
        {words.keepIt}
      </button>
    </Modal>
  );
}
