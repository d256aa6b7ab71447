import type { ReactNode } from "react";
export const plan = "Plan";
export const next = ({
  startMs,
  dish,
  nextTitle,
}: {
  startMs: ReactNode;
  dish: string;
  nextTitle: string;
}) => (
  <>
    Next: {startMs} {dish}: {nextTitle}
  </>
);
export const drawn = "Drawn";
export const asAScore = "as a score";
export const byDish = "by dish";
export const byFridgeOvenHands = "by fridge, oven, hands";
export const zoom = "Zoom";
export const widerSpan = "Wider span";
export const closer = "Closer";
export const whatMoved = "What moved";
