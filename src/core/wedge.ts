/** A wedge cut across: a triangle with a back and two like sides. In the unit of its back and depth. */

/** Once around it. */
export const wedgeAround = (back: number, deep: number): number => back + 2 * Math.hypot(deep, back / 2);

/** How far its deepest place lies from the back and from both sides: the radius of the circle within, 2 A ÷ P. */
export const wedgeDeepest = (back: number, deep: number): number => (back * deep) / wedgeAround(back, deep);
