export const notAKitchensArchive = "Not a kitchen's archive";
export const nothingWasChangedItWants = (why: string) =>
  `${why} Nothing was changed. It wants a zip that “Archive” gave.`;
export const itsKitchenJsonDoesNot = "Its kitchen.json does not read as version 1.";
export const tablesJsonIsNotA = (name: string) => `tables/${name}.json is not a list of rows.`;
export const tablesJsonHasRowsMissing = (name: string) => `tables/${name}.json has rows missing.`;
export const rowOfTablesJsonDoes = ({
  amount,
  name,
  field,
}: {
  amount: number;
  name: string;
  field: string;
}) => `Row ${amount} of tables/${name}.json does not read${field ? ` (${field})` : ""}.`;
export const anEntryHasNoBusiness = (name: string) => `An entry has no business in it: ${name}.`;
export const tooLarge = "Too large";
export const unpackedThisArchiveIsLarger = "Unpacked, this archive is larger than any kitchen.";
export const itDoesNotReadAs = "It does not read as a zip.";
export const isMissing = (name: string) => `${name} is missing.`;
export const doesNotReadAsJson = (name: string) => `${name} does not read as JSON.`;
export const photoIsMissingOrNo = (id: string) => `Photo ${id} is missing, or no plain JPEG.`;
export const kitchenInUse = "Kitchen in use";
export const thisKitchenIsInUse =
  "This kitchen is in use. The archive can take its place; what is here now is kept as a snapshot.";
export const itsRowsDoNotBelong = "Its rows do not belong together.";
