import { RANGES } from "@/core/quantity/ranges";
import type { Pieces } from "@/core/formulation";
import { Toggle } from "@/ui/choice";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "./panel";
import * as words from "@/words/bench/panels/thin-part";

interface Props extends Pick<PanelProps, "onValidity"> {
  pieces: Pieces;
  set: (part: Partial<Pieces>) => void;
}

/** Opened out, a piece is thick on one side and thin on the other: the thin part salts sooner. */
export function ThinPart({ pieces, set, onValidity }: Props) {
  const { thin, thicknessMm } = pieces;
  return (
    <>
      <Toggle
        label={words.thickAndThinAsButterflied}
        value={thin !== undefined}
        onChange={(on) =>
          set({ thin: on ? { thicknessMm: Math.round(thicknessMm / 2), share: 0.5 } : undefined })
        }
      />
      {thin && (
        <>
          <QuantityField
            label={words.thinPartThickness}
            unit="mm"
            value={thin.thicknessMm}
            rule={RANGES.thicknessMm}
            onChange={(thinMm) => set({ thin: { ...thin, thicknessMm: thinMm } })}
            onValidity={onValidity}
          />
          <QuantityField
            label={words.thinPartOfTheWeight}
            unit="%"
            value={thin.share * 100}
            rule={RANGES.thinPercent}
            onChange={(percent) => set({ thin: { ...thin, share: percent / 100 } })}
            onValidity={onValidity}
          />
        </>
      )}
    </>
  );
}
