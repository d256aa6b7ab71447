export const submergeItInLBrine = (liquidMl: string) => `Submerge it in ${liquidMl} L brine`;
export const whatStandsOutStaysUnsalted = "What stands out stays unsalted.";
export const allOfItUnderA = "All of it under, a plate on top.";
export const saltAndOntoTheRack = (massG: string) => `Salt ${massG}, and onto the rack`;
export const uncoveredSoThatTheSurface = "Uncovered, so that the surface dries.";
export const moreWhereItIsThick = "More where it is thick.";
export const theFleshSideWithG = ({
  faces,
  fleshSideShare,
  fleshSideShare2,
  massG,
}: {
  faces: string;
  fleshSideShare: string;
  fleshSideShare2: string;
  massG: string;
}) =>
  faces === "moreOnOne"
    ? `the flesh side with ${fleshSideShare} g, the other with ${fleshSideShare2} g`
    : `${faces === "one" ? "the flesh side" : "every face"} with ${massG} g`;
