import type { Liked } from "@/core/taste/liking";
import { BandScale } from "@/ui/band-scale";
import { percent } from "@/ui/format";
import * as words from "@/words/taste/liked-scale";

const MARKS = [0.006, 0.01, 0.014, 0.018].map((at) => ({ at, label: percent(at, 1) }));

interface Row {
  name: string;
  note: string;
  liked: Liked;
  strong?: boolean;
}

/** Liked salt of each eater and of the table on one scale: the figure, and the stretch it lies in two times in three. */
export const LikedScale = ({ rows }: { rows: readonly Row[] }) => (
  <BandScale
    from={0.004}
    to={0.022}
    marks={MARKS}
    unit={words.percentSalt}
    rows={rows.map(({ name, note, liked, strong }) => ({
      key: name,
      name,
      note,
      low: liked.low,
      likely: liked.fraction,
      high: liked.high,
      figure: `${percent(liked.fraction)} %`,
      between: words.to(percent(liked.low, 1), percent(liked.high, 1)),
      ...(strong && { tone: "strong" }),
    }))}
  />
);
