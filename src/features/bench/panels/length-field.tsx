import { RANGES } from "@/core/quantity/ranges";
import type { Pieces } from "@/core/formulation";
import { pieceSize } from "@/core/vessel/piece-size";
import { useUnits } from "@/ui/measures";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "./panel";
import * as words from "@/words/bench/panels/length-field";

interface Props extends Pick<PanelProps, "onValidity"> {
  pieces: Pieces;
  set: (part: Partial<Pieces>) => void;
  refusal: string | undefined;
}

/** How long one piece lies: offered as is usual for its weight, or measured. Its width follows from what it weighs. */
export function LengthField({ pieces, set, refusal, onValidity }: Props) {
  const units = useUnits();
  const { shape, totalMassG, count, thicknessMm, lengthMm } = pieces;
  const size = pieceSize(shape, totalMassG / count, thicknessMm, lengthMm);
  return (
    <>
      <QuantityField
        label={words.lengthOfAPiece}
        unit="mm"
        value={size.lengthMm}
        rule={RANGES.lengthMm}
        refusal={refusal}
        onChange={(mm) => set({ lengthMm: mm })}
        onValidity={onValidity}
      />
      <p className="flex flex-wrap items-baseline gap-x-2 text-sm text-quiet">
        <span>{words.asIsUsualForIts(lengthMm, units.length(size.widthMm))}</span>
        {lengthMm !== undefined && (
          <button
            type="button"
            className="min-h-11 cursor-pointer text-base-content underline"
            onClick={() => set({ lengthMm: undefined })}
          >
            {words.takeTheUsual}
          </button>
        )}
      </p>
    </>
  );
}
