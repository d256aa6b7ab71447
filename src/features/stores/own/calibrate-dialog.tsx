"use client";

import { useState } from "react";
import { SALTS } from "@/core/materials/lookup";
import { calibratedSalt } from "@/core/materials/pantry";
import type { QuantityRule } from "@/core/quantity/parse";
import type { MeasureSystem } from "@/core/quantity/spoons";
import { VOLUME_ML } from "@/core/quantity/units";
import { Select } from "@/ui/choice";
import { PickRow, pickable } from "@/ui/pick-row";
import { fixed, percent } from "@/ui/format";
import { Modal } from "@/ui/modal";
import { QuantityField } from "@/ui/quantity-field";
import { SaveProblem, useSave } from "@/ui/use-save";
import * as words from "@/words/stores/own/calibrate-dialog";
import { firstOf } from "@/core/sequence";

const WEIGHED: QuantityRule = { dimension: "mass", min: 0.5, max: 600 };

const MEASURES = {
  us: { tsp: VOLUME_ML.us_tsp, tbsp: VOLUME_ML.us_tbsp, cup: VOLUME_ML.us_cup },
  metric: { tsp: VOLUME_ML.metric_tsp, tbsp: VOLUME_ML.metric_tbsp, cup: VOLUME_ML.metric_cup },
};
type Spoon = keyof (typeof MEASURES)["us"];

/** Weigh one level spoon or cup of the kitchen's own salt: every measure of it follows. */
export function CalibrateDialog({ measures, onClose }: { measures: MeasureSystem; onClose: () => void }) {
  const [saltId, setSaltId] = useState(firstOf(SALTS).id);
  const [spoon, setSpoon] = useState<Spoon>("tbsp");
  const salt = SALTS.find((s) => s.id === saltId) ?? firstOf(SALTS);
  const ml = MEASURES[measures][spoon];
  const [weighedG, setWeighedG] = useState<number | null>(null);
  const [unread, setUnread] = useState(false);
  const { save, problem } = useSave();
  const usualG = salt.densityGPerMl * ml;
  const measured = calibratedSalt(salt, weighedG ?? usualG, ml);
  // Loose salt is never lighter than a third of the table's, nor as dense as rock: then it is the spoon that is wrong.
  const apart = measured.densityGPerMl / salt.densityGPerMl;
  const doubtful = apart < 0.5 || apart > 1.6;
  return (
    <Modal title={words.weighOurSalt} onClose={onClose}>
      <PickRow label={words.salt} items={pickable(SALTS, words.salts)} chosenId={saltId} onPick={setSaltId} />
      <Select
        label={words.oneLevel}
        value={spoon}
        options={[
          { value: "tsp", label: words.teaspoon },
          { value: "tbsp", label: words.tablespoon },
          { value: "cup", label: words.cupMeasure },
        ]}
        onChange={setSpoon}
      />
      <QuantityField
        key={`${saltId}-${spoon}`}
        label={words.itWeighs}
        unit="g"
        value={weighedG ?? usualG}
        rule={WEIGHED}
        digits={1}
        onChange={setWeighedG}
        onValidity={(_, wrong) => setUnread(wrong !== null)}
      />
      <p className="mt-3">
        {words.theTableSaysASpoon({
          spoon: <strong className="figure">{fixed(measured.densityGPerMl, 2)} g/ml</strong>,
          table: fixed(salt.densityGPerMl, 2),
          percent: percent(Math.abs(apart - 1), 0),
          ratio: apart,
        })}
      </p>
      {doubtful && (
        <p role="alert" className="mt-2 border-l-4 border-warning px-2 py-1">
          {words.thatIsFarFromWhat}
        </p>
      )}
      <SaveProblem problem={problem} />
      <button
        type="button"
        className="btn btn-primary mt-4 min-h-11"
        disabled={unread || weighedG === null}
        onClick={async () => {
          if (await save("PUT", "/api/own", { kind: "salt", entry: measured })) onClose();
        }}
      >
        {words.itRulesFromNowOn}
      </button>
    </Modal>
  );
}
