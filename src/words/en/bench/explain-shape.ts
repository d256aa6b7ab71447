export const shapeARackOfAbout = (faces: string, size: string) =>
  faces === "one"
    ? `shape: a rack of about ${size}; salt comes in at its sides and ends too, not where its bones are`
    : `shape: a block of about ${size}; salt comes in at its sides and ends too`;
export const shapeAnOvalOfAbout = (size: string) =>
  `shape: an oval of about ${size} that tapers; salt comes in all about`;
export const shapeAWedgeMmAt = ({
  thicknessMm,
  widthMm,
  lengthMm,
}: {
  thicknessMm: string;
  widthMm: string;
  lengthMm: string;
}) =>
  `shape: a wedge, ${thicknessMm} mm at its back, ${widthMm} mm to its edge, ${lengthMm} mm long; salt comes in all about`;
export const shapeAShortLogOf = (size: string) =>
  `shape: a short log of about ${size}; salt comes in at its ends too`;
export const putInEveryMmA = (spacingMm: string) =>
  `put in every ${spacingMm} mm: a square about each, taken as a cylinder; skin and thickness do not count`;
export const saltOfItOnThe = (fleshSideShare: string) =>
  `salt: ${fleshSideShare} % of it on the flesh side; each face takes what lies on it, sides none`;
export const skinItCoversTheFace = "skin: it covers the face that is taken as shut";
export const skinOnOneSideAbout = "skin: on one side, about half of the face; hardly any salt passes there";
export const skinOnOneFaceWhere = (onOne: boolean) =>
  onOne
    ? "skin: on one face, where hardly any salt passes"
    : "skin: all about; salt comes in slowly through it";
