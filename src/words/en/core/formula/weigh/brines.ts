export const submergeItInLBrine = (liquidMl: string) => `Submerge it in ${liquidMl} L brine`;
export const whatStandsOutStaysUnsalted = "What stands out stays unsalted.";
export const allOfItUnderA = "All of it under, a plate on top.";
export const saltAndOntoTheRack = (massG: string) => `Salt ${massG}, and onto the rack`;
export const uncoveredSoThatTheSurface = "Uncovered, so that the surface dries.";
export const moreWhereItIsThick = "More where it is thick.";
export const theFleshSideWithG = ({
  faces,
  fleshG,
  otherG,
  massG,
}: {
  faces: string;
  fleshG: string;
  otherG: string;
  massG: string;
}) =>
  faces === "moreOnOne"
    ? `the flesh side with ${fleshG} g, the other with ${otherG} g`
    : `${faces === "one" ? "the flesh side" : "every face"} with ${massG} g`;
