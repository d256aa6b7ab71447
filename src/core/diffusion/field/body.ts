import { gradedGrid } from "../grid";
import type { SoakOptions } from "../run";
import type { Body } from "../stages";
import type { Grading, SolidAxis } from "./axis";
import type { ModalBody } from "./modal-body";
import { OvalBody } from "./oval-body";
import { SolidBody } from "./solid-body";

/** How each direction is cut, by how many there are: one alone can have more cells. Found by trial against finer grids. */
const GRADINGS: Record<number, Grading> = {
  1: { cells: 48, power: 4 },
  2: { cells: 24, power: 3 },
  3: { cells: 14, power: 2.8 },
};
/** Of an oval nothing but its shells is cut: its functions are as fine as they are. */
const OVAL: Grading = { cells: 24, power: 3 };

/** The body in its modes, with the strength it starts with. */
export function modalBody(body: Body, options: SoakOptions): ModalBody {
  const axes = axesOf(body);
  const { initialPerWater: start = 0 } = options;
  const strength = ({ cells, power }: Grading) => {
    if (typeof start === "number") return start;
    const { faces } = gradedGrid("slab", cells, 0, power);
    return (shell: number) => start(faces[shell], faces[shell + 1]);
  };
  if (axes[0].kind === "oval") return new OvalBody(axes, OVAL, strength(OVAL));
  const usual = GRADINGS[axes.length];
  const most = (axes.length === 1 ? options.cells : options.fieldCells) ?? usual.cells;
  const grading = { ...usual, cells: Math.min(usual.cells, most) };
  return new SolidBody(axes, grading, strength(grading));
}

/** A plain slab, round or ball as a solid of one direction; a ball has no modes of its own here. */
function axesOf({ solid, shape, halfThicknessM, barrierM = 0 }: Body): readonly SolidAxis[] {
  if (solid) return solid;
  return [{ kind: shape === "cylinder" ? "radius" : "half", halfM: halfThicknessM, barrierM }];
}

/** Whether nothing lies on its first face. */
export const bareFace = ({ solid, barrierM }: Body): boolean => (solid?.[0].barrierM ?? barrierM ?? 0) === 0;
